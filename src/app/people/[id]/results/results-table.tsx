'use client';

import type { ReactNode } from 'react';
import { measureName, measureText, simulatedMark } from '@/core/people';
import { CHANGE_WORDS, lowGripWords, type MeasureResult } from '@/core/measure';
import { amountText } from '@/core/units';
import { useUnits } from '@/ui/units';
import { shortDay } from '@/ui/words/dates';
import { Table } from '@/ui/page/table';
import { TrendCord } from './trend-cord';
import { WorkedOut } from '@/ui/page/worked-out';

/** Every measure of each hand: first, now, how it went, and what would count as a change. */
export function ResultsTable({
  results,
  children,
}: {
  results: readonly MeasureResult[];
  children: ReactNode;
}) {
  const units = useUnits();
  const grips = results.filter((r) => r.kind === 'grip').map((r) => r.now ?? r.baseline);
  const lowGrip = grips.length > 0 ? lowGripWords(Math.max(...grips), units) : null;
  return (
    <section aria-label="Measures" className="mb-8">
      <div className="flex flex-wrap items-center justify-between gap-x-8">
        <h2 className="text-xl">Measures</h2>
        {children}
      </div>
      <div className="overflow-x-auto" tabIndex={0} role="region" aria-label="Measures of each hand">
        <Table columns={['Measure', 'Result', 'First', 'Now', 'Counts as a change', 'Over the days']}>
          {results.map((r) => (
            <tr key={`${r.kind} ${r.hand}`} className="border-b">
              <th scope="row" className="py-2 pr-5">
                {measureName(r)}
              </th>
              <td className={`py-2 pr-5 ${r.change === 'worse' ? 'font-bold text-load' : 'font-semibold'}`}>
                {CHANGE_WORDS[r.change]}
              </td>
              <td className="tabular py-2 pr-5">
                {measureText(r.kind, r.baseline, units)}
                <PointDay point={r.points[0]!} />
              </td>
              <td className="tabular py-2 pr-5">
                {r.now === null ? '' : measureText(r.kind, r.now, units)}
                {r.now !== null && <PointDay point={r.points.at(-1)!} />}
              </td>
              <td className="tabular py-2 pr-5">{measureText(r.kind, r.threshold, units)}</td>
              <td className="py-1">
                <TrendCord result={r} />
              </td>
            </tr>
          ))}
        </Table>
      </div>
      {lowGrip && <p className="mt-2">{lowGrip}</p>}
      <p className="mt-2 text-sm text-soft">
        A difference larger than this counts as a change. Grip: {amountText(5, 'kg', units, 0)} at least
        (Bohannon 2019) until six days or more show that this hand is steadier from day to day (t × √2 × the
        standard error of test and retest). Everything else: two steps of the reading; no published value. It
        says nothing of why. <WorkedOut id="change" />
      </p>
    </section>
  );
}

/** The day of a reading, and that it was simulated where it was. */
function PointDay({ point }: { point: MeasureResult['points'][number] }) {
  return (
    <span className="block text-sm text-soft">
      {shortDay(point.day)}
      {simulatedMark(point)}
    </span>
  );
}
