'use client';

import { useState } from 'react';
import { boutIndex, dayIndex, weekIndex } from '@/core/load';
import { NumberField } from '@/ui/form/dose/number-field';
import { WorkedOut } from '@/ui/page/worked-out';

type Props = { share: number; leftPercent: number };

/** The bone-loading index of a bout, a day and a week, for the wrist that bears more. */
export function IndexPanel({ share, leftPercent }: Props) {
  const [cycles, setCycles] = useState(8);
  const [bouts, setBouts] = useState(2);
  const [gapHours, setGapHours] = useState(6);
  const [days, setDays] = useState(3);
  const intensity = share * (Math.max(leftPercent, 100 - leftPercent) / 100);
  const day = dayIndex(intensity, cycles, bouts, gapHours);
  return (
    <section aria-label="Loading index">
      <h2 className="text-lg">Loading index</h2>
      <div className="mt-2 flex flex-wrap gap-x-5 gap-y-3">
        <NumberField label="Leans in a bout" value={cycles} min={1} max={200} onChange={setCycles} />
        <NumberField label="Bouts a day" value={bouts} min={1} max={6} onChange={setBouts} />
        <NumberField label="Hours between" value={gapHours} min={1} max={12} onChange={setGapHours} />
        <NumberField label="Days a week" value={days} min={1} max={7} onChange={setDays} />
      </div>
      <p className="tabular mt-3">
        A bout <strong>{boutIndex(intensity, cycles).toFixed(2)}</strong>, a day{' '}
        <strong>{day.toFixed(2)}</strong>, a week <strong>{weekIndex(day, days).toFixed(1)}</strong>.
      </p>
      <p className="mt-1 text-sm text-soft">
        Body weight on the busier wrist times the logarithm of the leans (Turner and Robling 2003); bouts
        close together count less. It compares one plan with another and predicts nothing about bone.{' '}
        <WorkedOut id="loading-index" />
      </p>
    </section>
  );
}
