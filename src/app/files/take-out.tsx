'use client';

import { useState } from 'react';
import type { ClassInfo } from '@/store/classes';
import type { StoredTerm } from '@/store/terms';
import { useCatalogue } from '@/ui/catalogue';
import { buttonClass } from '@/ui/form/button';
import { shortDay } from '@/ui/words/dates';
import { SelectField } from '@/ui/form/select-field';
import { SoundButton } from '@/ui/voice/sound-button';
import { ClickTrack } from './click-track';

type Props = {
  classes: readonly ClassInfo[];
  terms: readonly StoredTerm[];
  movements: readonly { readonly id: string; readonly name: string }[];
};

const WHOLE = [
  ['calendar.ics', 'Classes to come, for a calendar'],
  ['measures.csv', 'Measures'],
  ['register.csv', 'Register of the classes taught'],
  ['marks.csv', 'Marks made while teaching'],
] as const;

/** Everything there is to take along, each in an open format. */
export function TakeOut({ classes, terms, movements }: Props) {
  const catalogue = useCatalogue();
  const [classId, setClassId] = useState(classes[0]?.id ?? '');
  const [figureId, setFigureId] = useState(catalogue.movements[0]?.id ?? '');
  return (
    <section aria-label="Take out" className="mt-10">
      <h2 className="text-xl">Take out</h2>
      <ul className="mt-2">
        {WHOLE.map(([file, words]) => (
          <Line key={file} words={words}>
            <Out href={`/files/out/${file}`}>{file.split('.')[1]!.toUpperCase()}</Out>
          </Line>
        ))}
        <Line words="People">
          <Out href="/people/export">CSV</Out>
        </Line>
        {terms.map((t) => (
          <Line key={t.id} words={`Term: ${t.name}`}>
            <Out href={`/files/out/term/${t.id}`}>JSON</Out>
          </Line>
        ))}
        {movements.map((m) => (
          <Line key={m.id} words={`Own movement: ${m.name}`}>
            <Out href={`/files/out/movement/${m.id}`}>JSON</Out>
          </Line>
        ))}
        {classId && (
          <Line
            words={
              <SelectField
                label="Class"
                value={classId}
                choices={classes.map((c) => [c.id, `${c.name}, ${shortDay(c.day)}`] as const)}
                onChange={setClassId}
                className="w-80"
              />
            }
          >
            <Out href={`/files/out/plan/${classId}`}>Plan, JSON</Out>
            <Out href={`/files/out/count/${classId}`}>Count, WebVTT</Out>
            <ClickTrack classId={classId} />
            <SoundButton from={`/api/classes/${classId}/sound`} label="Spoken count, WAV" />
          </Line>
        )}
        <Line
          words={
            <SelectField
              label="Movement"
              value={figureId}
              choices={[...catalogue.movements]
                .sort((a, b) => a.name.localeCompare(b.name))
                .map((m) => [m.id, m.name] as const)}
              onChange={setFigureId}
              className="w-80"
            />
          }
        >
          <Out href={`/files/out/figure/${figureId}`}>Picture, SVG</Out>
        </Line>
      </ul>
    </section>
  );
}

function Line({ words, children }: { words: React.ReactNode; children: React.ReactNode }) {
  return (
    <li className="flex flex-wrap items-end gap-3 border-b py-2">
      <span className="min-w-60 flex-1 self-center">{words}</span>
      {children}
    </li>
  );
}

const Out = ({ href, children }: { href: string; children: React.ReactNode }) => (
  <a className={buttonClass()} href={href} download>
    {children}
  </a>
);
