'use client';

import { Link } from '@/ui/page/link';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { toast } from 'sonner';
import { decodeText, readIncoming, type Incoming, type TaughtRoll } from '@/core/formats';
import type { Person } from '@/core/people';
import { Button, buttonClass } from '@/ui/form/button';
import { requestJson } from '@/ui/request-json';
import { putDropped, useDropped } from '@/ui/form/dropped-file';
import { Field, inputClass, Trouble } from '@/ui/form/field';
import { FilePlace } from '@/ui/form/file-place';
import { IncomingPreview } from './incoming-preview';

type Opened = { readonly name: string; readonly text: string; readonly incoming: Incoming };
type Props = { people: readonly Person[]; today: string };

/** A file is read and shown, with what is wrong with it, and only then kept or not. */
export function BringIn({ people, today }: Props) {
  const router = useRouter();
  const [opened, setOpened] = useState<Opened | null>(null);
  const [rolls, setRolls] = useState<readonly TaughtRoll[]>([]);
  const [trouble, setTrouble] = useState<string | null>(null);
  const [day, setDay] = useState(today);
  const [startsAt, setStartsAt] = useState('10:30');

  const open = async (file: File | undefined) => {
    setOpened(null);
    setTrouble(null);
    if (!file) return;
    const decoded = decodeText(new Uint8Array(await file.arrayBuffer()));
    if (!decoded.ok) return setTrouble(decoded.message);
    const read = readIncoming(decoded.value.text);
    if (!read.ok) return setTrouble(`${file.name}: ${read.message}`);
    if (read.value.kind === 'people') {
      putDropped(file);
      return router.push('/people/import');
    }
    if (read.value.kind === 'register') {
      const taught = await requestJson<{ rolls: readonly TaughtRoll[] }>('GET', '/api/files/rolls');
      if (!taught.ok) return setTrouble(taught.message);
      setRolls(taught.value.rolls);
    }
    setOpened({ name: file.name, text: decoded.value.text, incoming: read.value });
  };
  useDropped((file) => void open(file));

  const accept = async () => {
    const result = await requestJson<{ words: string; href: string }>('POST', '/api/files', {
      text: opened!.text,
      day,
      startsAt,
    });
    setTrouble(result.ok ? null : result.message);
    if (!result.ok) return;
    toast(result.value.words);
    router.push(result.value.href);
    router.refresh();
  };

  return (
    <section aria-label="Bring in">
      <h2 className="mb-2 text-xl">Bring in</h2>
      <FilePlace
        accept=".json,.csv,application/json,text/csv,text/plain"
        onFile={(file) => void open(file)}
      />
      <p className="mt-1 text-soft">
        A class plan, a term or an own movement (JSON); measures, a register or{' '}
        <Link className="underline underline-offset-4" href="/people/import">
          people
        </Link>{' '}
        (CSV). Nothing is kept before you accept it.
      </p>
      <Trouble message={trouble} />
      {opened && (
        <section aria-label="Preview" className="mt-4 rounded-2xl border-2 border-ink bg-paper p-4">
          <IncomingPreview incoming={opened.incoming} people={people} rolls={rolls} />
          {opened.incoming.kind === 'plan' && (
            <div className="mt-3 flex flex-wrap gap-4">
              <Field label="Day of the class" className="w-52">
                {(field) => (
                  <input
                    {...field}
                    type="date"
                    className={inputClass}
                    value={day}
                    onChange={(e) => setDay(e.target.value)}
                  />
                )}
              </Field>
              <Field label="Starts at" className="w-40">
                {(field) => (
                  <input
                    {...field}
                    type="time"
                    className={inputClass}
                    value={startsAt}
                    onChange={(e) => setStartsAt(e.target.value)}
                  />
                )}
              </Field>
            </div>
          )}
          <div className="mt-4 flex flex-wrap gap-3">
            <Button look="main" onClick={accept}>
              Accept {opened.name}
            </Button>
            <button type="button" className={buttonClass()} onClick={() => setOpened(null)}>
              Leave it
            </button>
          </div>
        </section>
      )}
    </section>
  );
}
