'use client';

import { useState, type ReactNode } from 'react';
import type { WeekLine } from '@/server/terms/term-view';
import { SelectField } from '@/ui/form/select-field';
import { VOLUME_LINES, type VolumeLine } from './volume-lines';
import { VolumeChart } from './volume-chart';
import { WeeksTable } from './weeks-table';
import { WorkedOut } from '@/ui/page/worked-out';

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
        (Turner and Robling 2003) compares plans and says nothing of bone density. A hold of five seconds is
        one repetition, and free time goes by its cycles: good to about a third. <WorkedOut id="volumes" />
      </p>
      <WeeksTable
        label="Volumes by week"
        corner="In a week"
        heads={weeks.map(({ week, lighter }) => (
          <>
            {week}
            {lighter && <span className="block text-sm font-normal">lighter</span>}
          </>
        ))}
        lines={VOLUME_LINES.map((l) => ({ name: l.name, cells: weeks.map((w) => plannedOverDone(l, w)) }))}
      />
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

function plannedOverDone({ of, digits }: VolumeLine, { planned, done }: WeekLine): ReactNode {
  return (
    <>
      {of(planned).toFixed(digits)}
      <span className="block font-bold">{done ? of(done).toFixed(digits) : '\u00a0'}</span>
    </>
  );
}
