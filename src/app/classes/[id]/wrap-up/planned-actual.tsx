'use client';

import { Table } from '@/ui/page/table';
import { useState } from 'react';
import type { RowTimes } from '@/core/teach';
import { clockDifference, clockText } from '@/core/words';
import { Button } from '@/ui/form/button';
import { PairBars } from '@/ui/hand/pair-bars';

/** Planned against actual, row by row: a table, and the same as a picture. */
export function PlannedActual({ times, pace }: { times: readonly RowTimes[]; pace: string }) {
  const [picture, setPicture] = useState(false);
  return (
    <section className="mt-10">
      <div className="mb-2 flex flex-wrap items-center gap-4">
        <h2 className="text-xl">Planned and actual time</h2>
        <Button onClick={() => setPicture(!picture)} aria-pressed={picture}>
          {picture ? 'Show as a table' : 'Show as a picture'}
        </Button>
      </div>
      <p className="mb-2">{pace}</p>
      {picture ? (
        <TimesChart times={times} />
      ) : (
        <div className="overflow-x-auto" tabIndex={0} role="region" aria-label="Time of each row">
          <TimesTable times={times} />
        </div>
      )}
    </section>
  );
}

function TimesTable({ times }: { times: readonly RowTimes[] }) {
  return (
    <Table
      className="tabular w-full max-w-5xl"
      columns={['Row', 'Planned', 'Actual', 'Difference', 'Remark']}
    >
      {times.map((t) => (
        <tr key={t.rowId} className="border-b">
          <th scope="row" className="py-1.5 pr-4 font-normal">
            {t.title}
          </th>
          <td className="pr-4">{clockText(t.plannedMs)}</td>
          <td className="pr-4">{clockText(t.actualMs)}</td>
          <td className="pr-4">{clockDifference(t.plannedMs, t.actualMs)}</td>
          <td>{remark(t)}</td>
        </tr>
      ))}
    </Table>
  );
}

/** What was left, and where a hand was given less than planned, how many it was given. */
function remark({ left, hands }: RowTimes): string {
  if (!hands) return left;
  const { planned, given } = hands;
  const told = (hand: 'L' | 'R') => `${rounded(given[hand])} of ${planned[hand]}`;
  return [left, `left ${told('L')}, right ${told('R')}`].filter(Boolean).join('; ');
}

const rounded = (n: number): number => Math.round(n * 10) / 10;

function TimesChart({ times }: { times: readonly RowTimes[] }) {
  const seconds = (ms: number) => Math.round(ms / 1000);
  return (
    <PairBars
      horizontal
      height={120 + times.length * 34}
      series={[
        { name: 'planned', data: times.map((t) => seconds(t.plannedMs)) },
        { name: 'actual', data: times.map((t) => seconds(t.actualMs)) },
      ]}
      categories={times.map((t) => t.title)}
      unit="seconds"
      valueText={(s) => clockText(s * 1000)}
    />
  );
}
