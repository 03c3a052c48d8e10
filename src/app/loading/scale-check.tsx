'use client';

import { useState } from 'react';
import { pushTrouble, readPush, type ScaleReading } from '@/core/load';
import { Button } from '@/ui/form/button';
import { NumberField } from '@/ui/form/dose/number-field';
import { useSimulatedScale } from '@/ui/hooks/use-simulated-scale';

type Props = { plannedKg: number };

/**
 * A press on a bathroom scale against the number above. The scale here is simulated: it settles, sways, and may show
 * something with nothing on it, as real ones do.
 */
export function ScaleCheck({ plannedKg }: Props) {
  const [pressKg, setPressKg] = useState<number | null>(null);
  const [zeroKg, setZeroKg] = useState(0.6);
  const [swayPercent, setSwayPercent] = useState(4);
  const { readings, reading: shown, running, press } = useSimulatedScale();
  const kg = pressKg ?? Math.round(plannedKg);
  const done = shown !== null && !running;
  return (
    <section aria-label="Scale check">
      <h2 className="text-lg">Against a bathroom scale</h2>
      <p>Lay a scale under both hands, wait for its zero, press for six seconds. This one is simulated.</p>
      <div className="mt-2 flex flex-wrap gap-x-5 gap-y-3">
        <NumberField label="Pressed with, kg" value={kg} min={0} max={120} onChange={setPressKg} />
        <NumberField
          label="Its zero, kg"
          value={zeroKg}
          min={0}
          max={5}
          step={0.2}
          whole={false}
          onChange={setZeroKg}
        />
        <NumberField label="Sway, %" value={swayPercent} min={0} max={40} onChange={setSwayPercent} />
      </div>
      <div className="mt-3 flex flex-wrap items-center gap-5">
        <Button onClick={() => press({ kg, zeroKg, sway: swayPercent / 100 })}>Press the scale</Button>
        {shown && <span className="tabular text-2xl font-bold">{shown.kg.toFixed(1)} kg</span>}
      </div>
      <p role="status" className="mt-2 min-h-14">
        {done && verdictWords(readings, plannedKg)}
      </p>
    </section>
  );
}

/** What the press was, and how it stands to the number worked out. */
function verdictWords(readings: readonly ScaleReading[], plannedKg: number): string {
  const pressed = readPush(readings);
  const { kg, zeroKg } = pressed;
  const zero = zeroKg > 0.05 ? ` ${zeroKg.toFixed(1)} kg of it was the scale’s own zero, taken off.` : '';
  const trouble = pushTrouble(pressed);
  if (trouble) return trouble;
  const off = kg - plannedKg;
  const side =
    Math.abs(off) <= Math.max(1.5, plannedKg * 0.15)
      ? 'as worked out'
      : `${Math.abs(off).toFixed(1)} kg ${off > 0 ? 'more' : 'less'} than worked out; the scale is right`;
  return `${kg.toFixed(1)} kg on both hands, ${side}.${zero}`;
}
