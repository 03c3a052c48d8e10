'use client';

import { useState } from 'react';
import type { Band } from '@/core/stance';
import { pushTrouble, readPush, type ScaleReading } from '@/core/load';
import { Button } from '@/ui/form/button';
import { NumberField } from '@/ui/form/dose/number-field';
import { useSimulatedScale } from '@/ui/hooks/use-simulated-scale';

/** What the scale should read of both hands, as shares of body weight. */
type Props = { planned: Band; massKg: number };

/**
 * A press on a bathroom scale against the number above. The scale here is simulated: it settles, sways, and may show
 * something with nothing on it, as real ones do.
 */
export function ScaleCheck({ planned, massKg }: Props) {
  const [pressKg, setPressKg] = useState<number | null>(null);
  const [zeroKg, setZeroKg] = useState(0.6);
  const [swayPercent, setSwayPercent] = useState(4);
  const { readings, reading: shown, running, press } = useSimulatedScale();
  const kg = pressKg ?? Math.round(planned.middle * massKg);
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
        {done && verdictWords(readings, [planned.low * massKg, planned.high * massKg])}
      </p>
    </section>
  );
}

/** What a scale does not tell apart. */
const GRAIN_KG = 0.1;

/** What the press was, and how it stands to the number worked out. */
function verdictWords(
  readings: readonly ScaleReading[],
  [low, high]: readonly [low: number, high: number],
): string {
  const pressed = readPush(readings);
  const { kg, zeroKg } = pressed;
  const zero = zeroKg > 0.05 ? ` ${zeroKg.toFixed(1)} kg of it was the scale’s own zero, taken off.` : '';
  const trouble = pushTrouble(pressed);
  if (trouble) return trouble;
  const band = `${low.toFixed(1)} to ${high.toFixed(1)} kg`;
  const side =
    kg < low - GRAIN_KG
      ? `${(low - kg).toFixed(1)} kg under the ${band} worked out; the scale is right`
      : kg > high + GRAIN_KG
        ? `${(kg - high).toFixed(1)} kg over the ${band} worked out; the scale is right`
        : `within the ${band} worked out`;
  return `${kg.toFixed(1)} kg on both hands, ${side}.${zero}`;
}
