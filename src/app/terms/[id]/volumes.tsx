'use client';

import { useState } from 'react';
import type { WeekLine } from '@/server/term-view';
import { SelectField } from '@/ui/select-field';
import { VOLUME_LINES, type VolumeLine } from './measures';
import { VolumeChart } from './volume-chart';

type Props = { weeks: readonly WeekLine[]; whose: string | null };

/** What each week asks for and what was done, in numbers and as a picture of one line. */
export function Volumes({ weeks, whose }: Props) {
  const [chosen, setChosen] = useState(VOLUME_LINES[0]!.name);
  const line = VOLUME_LINES.find((l) => l.name === chosen)!;
  return (
    <section aria-label="Asked and done" className="mt-10">
      <h2 className="text-xl">Asked and done{whose && `, ${whose}`}</h2>
      <p className="text-soft">
        Planned over done. Repetitions count both hands together; held and stretched time is that of the
        busier hand. Done is what was counted in class{whose ? ' and not skipped' : ''}. The loading index
        (Turner and Robling 2003) compares plans and says nothing of bone density.
      </p>
      <div className="mt-3 overflow-x-auto" tabIndex={0} role="region" aria-label="Volumes by week">
        <table className="tabular w-full border-collapse text-right">
          <thead>
            <tr className="border-b-2 border-edge">
              <th scope="col" className="min-w-60 py-1 text-left">
                In a week
              </th>
              {weeks.map(({ week, lighter }) => (
                <th key={week} scope="col" className="py-1 pl-3">
                  {week}
                  {lighter && <span className="block text-sm font-normal">lighter</span>}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {VOLUME_LINES.map((l) => (
              <VolumeRow key={l.name} line={l} weeks={weeks} />
            ))}
          </tbody>
        </table>
      </div>
      <div className="mt-6 grid gap-3">
        <SelectField
          label="Picture of"
          value={chosen}
          choices={VOLUME_LINES.map(({ name }) => [name, name] as const)}
          onChange={setChosen}
          className="w-80"
        />
        <VolumeChart weeks={weeks} line={line} />
      </div>
    </section>
  );
}

function VolumeRow({ line, weeks }: { line: VolumeLine; weeks: readonly WeekLine[] }) {
  const text = (n: number) => n.toFixed(line.digits);
  return (
    <tr className="border-b align-top">
      <th scope="row" className="py-1.5 text-left font-semibold">
        {line.name}
      </th>
      {weeks.map(({ week, planned, done }) => (
        <td key={week} className="py-1.5 pl-3">
          {text(line.of(planned))}
          <span className="block font-bold">{done ? text(line.of(done)) : ' '}</span>
        </td>
      ))}
    </tr>
  );
}
