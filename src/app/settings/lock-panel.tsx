'use client';

import { Form } from '@/ui/form/form';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { toast } from 'sonner';
import { Button } from '@/ui/form/button';
import { requestJson } from '@/ui/request-json';
import { Trouble } from '@/ui/form/field';
import { SecretField } from '@/ui/form/secret-field';

type Props = {
  locked: boolean;
  /** Of the instructor who is here, where there are several; the passphrase is then theirs alone. */
  name: string | null;
  idleMinutes: number;
};

/** The lock: a passphrase is set, changed, taken away, and Oskil locked at once. */
export function LockPanel({ locked, name, idleMinutes }: Props) {
  const router = useRouter();
  const [now, setNow] = useState('');
  const [next, setNext] = useState('');
  const [again, setAgain] = useState('');
  const [trouble, setTrouble] = useState<string | null>(null);
  const send = async (passphrase: string, words: string) => {
    const result = await requestJson('PUT', '/api/lock', { now, passphrase });
    setTrouble(result.ok ? null : result.message);
    if (!result.ok) return;
    for (const clear of [setNow, setNext, setAgain]) clear('');
    toast(words);
    router.refresh();
  };
  const set = () => {
    if (next !== again) return setTrouble('The two are not the same. Nothing was changed.');
    if (next === '') return setTrouble('Type a passphrase, and type it again.');
    void send(next, locked ? 'The passphrase is changed' : 'Oskil is locked from now on');
  };
  const lockNow = async () => {
    const closed = await requestJson('POST', '/api/lock/close');
    if (closed.ok) window.location.assign('/lock');
    else setTrouble(closed.message);
  };
  return (
    <section aria-label="Lock" className="mt-10">
      <h2 className="text-xl">Lock</h2>
      <p className="max-w-3xl">
        {locked
          ? `Oskil asks for ${name ? 'your name and your' : 'a'} passphrase, and locks itself after ${idleMinutes} minutes in which nobody uses it.`
          : 'Whoever sits at this computer can open Oskil. With a passphrase it asks first. There is no way round a passphrase that is forgotten.'}
      </p>
      <Form
        className="mt-3 grid max-w-md gap-4"
        onSubmit={(event) => {
          event.preventDefault();
          set();
        }}
      >
        {locked && (
          <SecretField label="Passphrase now" complete="current-password" value={now} onChange={setNow} />
        )}
        <SecretField
          label={locked ? 'New passphrase' : 'Passphrase'}
          hint="At least 10 letters; a few words are easy to keep"
          complete="new-password"
          value={next}
          onChange={setNext}
        />
        <SecretField label="The same again" complete="new-password" value={again} onChange={setAgain} />
        <Trouble message={trouble} />
        <div className="flex flex-wrap gap-3">
          <Button type="submit">{locked ? 'Change the passphrase' : 'Set a passphrase'}</Button>
          {locked && !name && (
            <Button onClick={() => void send('', 'The lock is taken away')}>Take the lock away</Button>
          )}
          {locked && <Button onClick={() => void lockNow()}>Lock now</Button>}
        </div>
      </Form>
    </section>
  );
}
