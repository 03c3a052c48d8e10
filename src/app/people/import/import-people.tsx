'use client';

import { useRouter } from 'next/navigation';
import { useMemo, useState } from 'react';
import { toast } from 'sonner';
import { CONDITIONS } from '@/catalogue/conditions';
import {
  decodeText,
  guessMapping,
  readPeopleFile,
  rowsToPeople,
  sameAs,
  type Mapping,
  type PeopleFile,
} from '@/core/formats';
import type { Person } from '@/core/people';
import { plural } from '@/core/words';
import { Button } from '@/ui/form/button';
import { requestJson } from '@/ui/request-json';
import { useDropped } from '@/ui/form/dropped-file';
import { Trouble } from '@/ui/form/field';
import { FilePlace } from '@/ui/form/file-place';
import { MappingFields } from './mapping-fields';
import { Preview, type Choice } from './preview';

/** A file, which column is which, each row with its problems, and only then the list. */
export function ImportPeople({ people }: { people: readonly Person[] }) {
  const router = useRouter();
  const [file, setFile] = useState<PeopleFile | null>(null);
  const [mapping, setMapping] = useState<Mapping>({});
  const [choices, setChoices] = useState<Readonly<Record<number, Choice>>>({});
  const [guessed, setGuessed] = useState(false);
  const [trouble, setTrouble] = useState<string | null>(null);
  const [busy, setBusy] = useState(false);

  const open = async (chosen: File | undefined) => {
    setFile(null);
    setTrouble(null);
    setChoices({});
    if (!chosen) return;
    const decoded = decodeText(new Uint8Array(await chosen.arrayBuffer()));
    if (!decoded.ok) return setTrouble(decoded.message);
    const read = readPeopleFile(decoded.value.text);
    if (!read.ok) return setTrouble(read.message);
    setGuessed(decoded.value.guessed);
    setFile(read.value);
    setMapping(guessMapping(read.value.heads));
  };

  useDropped((file) => void open(file));

  const rows = useMemo(() => (file ? rowsToPeople(file, mapping, CONDITIONS) : []), [file, mapping]);
  const lines = rows.map((row) => {
    const same = row.fields && sameAs(row.fields, people);
    return { ...row, same, choice: choices[row.line] ?? (same ? 'merge' : 'add') };
  });
  const taken = lines.flatMap(({ fields, same, choice }) =>
    fields && choice !== 'leave' ? [{ fields, mergeInto: choice === 'merge' && same ? same.id : null }] : [],
  );

  const accept = async () => {
    setBusy(true);
    const result = await requestJson<{ added: number; merged: number }>('POST', '/api/people/import', {
      rows: taken,
    });
    setBusy(false);
    if (!result.ok) return setTrouble(result.message);
    toast(`${plural(result.value.added, 'person', 'people')} added, ${result.value.merged} merged`);
    router.push('/people');
    router.refresh();
  };

  return (
    <div className="grid gap-5">
      <FilePlace accept=".csv,text/csv,text/plain" onFile={(file) => void open(file)} />
      <Trouble message={trouble} />
      {guessed && (
        <p>The file is not in UTF-8; it was read as the older western encoding. Look at the accents below.</p>
      )}
      {file && (
        <>
          <MappingFields heads={file.heads} mapping={mapping} onChange={setMapping} />
          <Preview lines={lines} onChoose={(line, choice) => setChoices({ ...choices, [line]: choice })} />
          <div>
            <Button look="main" disabled={taken.length === 0 || busy} onClick={() => void accept()}>
              {busy ? 'Bringing in' : `Accept ${plural(taken.length, 'person', 'people')}`}
            </Button>
          </div>
        </>
      )}
    </div>
  );
}
