'use client';

import { Form } from '@/ui/form/form';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { toast } from 'sonner';
import { Button } from '@/ui/form/button';
import { requestJson } from '@/ui/request-json';
import { Field, inputClass, Trouble } from '@/ui/form/field';
import { SecretField } from '@/ui/form/secret-field';

/** The first names themselves; a coordinator then adds the others. `locked`: there is a passphrase, which becomes their own. */
type Props = { step: 'first'; locked: boolean } | { step: 'another' };

const PASSPHRASE_HINT = 'At least 10 letters; a few words are easy to keep';

export function NewInstructor(props: Props) {
  const router = useRouter();
  const [name, setName] = useState('');
  const [passphrase, setPassphrase] = useState('');
  const [again, setAgain] = useState('');
  const [trouble, setTrouble] = useState<string | null>(null);
  const isFirst = props.step === 'first';
  const hasPassphrase = isFirst && props.locked;
  const add = async () => {
    if (!hasPassphrase && passphrase !== again)
      return setTrouble('The two passphrases are not the same. Nothing was changed.');
    const added = await requestJson('POST', '/api/instructors', { name, passphrase });
    setTrouble(added.ok ? null : added.message);
    if (!added.ok) return;
    toast(isFirst ? `From now on this is ${name}’s Oskil` : `${name} can open Oskil`);
    for (const clear of [setName, setPassphrase, setAgain]) clear('');
    router.refresh();
  };
  return (
    <section aria-label={isFirst ? 'Your own name' : 'Add an instructor'} className="mt-6">
      <h2 className="text-xl">{isFirst ? 'Begin with your own name' : 'Add an instructor'}</h2>
      <p className="max-w-3xl">
        {isFirst
          ? `Every class and person that is here becomes yours, and you are the coordinator, who adds the others. From then on Oskil asks for a name and a passphrase.${hasPassphrase ? ' Your passphrase stays the one you have.' : ''}`
          : 'They open Oskil with this name and passphrase, and can change the passphrase in Settings.'}
      </p>
      <Form
        className="mt-3 grid max-w-md gap-4"
        onSubmit={(event) => {
          event.preventDefault();
          void add();
        }}
      >
        <Field label={isFirst ? 'Your name' : 'Name'}>
          {(field) => (
            <input
              {...field}
              autoComplete="off"
              maxLength={40}
              className={inputClass}
              value={name}
              onChange={(e) => setName(e.target.value)}
            />
          )}
        </Field>
        <SecretField
          label={hasPassphrase ? 'Passphrase now' : isFirst ? 'Your passphrase' : 'First passphrase'}
          {...(!hasPassphrase && { hint: PASSPHRASE_HINT })}
          complete={hasPassphrase ? 'current-password' : 'new-password'}
          value={passphrase}
          onChange={setPassphrase}
        />
        {!hasPassphrase && (
          <SecretField label="The same again" complete="new-password" value={again} onChange={setAgain} />
        )}
        <Trouble message={trouble} />
        <div>
          <Button type="submit" look={isFirst ? 'main' : undefined} disabled={name.trim() === ''}>
            {isFirst ? 'Begin' : 'Add'}
          </Button>
        </div>
      </Form>
    </section>
  );
}
