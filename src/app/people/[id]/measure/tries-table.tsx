'use client';

import { HANDS, scoreOfTrials, type GripTrial, type Scoring } from '@/core/measure';
import { amount } from '@/core/units';
import { Table } from '@/ui/page/table';
import { useUnits } from '@/ui/units';
import { WorkedOut } from '@/ui/page/worked-out';

type Props = { trials: readonly GripTrial[]; scoring: Scoring };

/** The good tries of this test, hand by hand, and the score by the chosen school. */
export function TriesTable({ trials, scoring }: Props) {
  const units = useUnits();
  if (trials.length === 0) return null;
  return (
    <section aria-label="This test">
      <h2 className="text-xl">This test</h2>
      <Table
        className="tabular mt-2 w-full max-w-3xl"
        columns={['Hand', `Tries, ${units.mass}`, 'To the peak', 'Wavering', `Score, ${units.mass}`]}
      >
        {HANDS.map((hand) => {
          const own = trials.filter((t) => t.hand === hand);
          const score = scoreOfTrials(
            own.map((t) => t.peakKg),
            scoring,
          );
          return (
            <tr key={hand} className="border-b">
              <th scope="row" className="py-1.5 pr-5 font-semibold">
                {hand === 'L' ? 'left' : 'right'}
              </th>
              <td className="pr-5">
                {own.map((t) => amount(t.peakKg, 'kg', units)).join(', ') || 'none yet'}
              </td>
              <td className="pr-5">
                {own
                  .flatMap((t) =>
                    t.timeToPeakMs === undefined ? [] : `${(t.timeToPeakMs / 1000).toFixed(1)} s`,
                  )
                  .join(', ')}
              </td>
              <td className="pr-5">
                {own
                  .flatMap((t) =>
                    t.unsteadyPercent === undefined ? [] : `${t.unsteadyPercent.toFixed(1)} %`,
                  )
                  .join(', ')}
              </td>
              <td>{score === null ? 'needs three tries' : amount(score, 'kg', units)}</td>
            </tr>
          );
        })}
      </Table>
      <p className="mt-1 text-sm text-soft">
        Wavering is the spread of the force about its course while it is held, as a share of the peak.{' '}
        <WorkedOut id="measures" />
      </p>
    </section>
  );
}
