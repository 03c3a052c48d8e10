'use client';

import { useState } from 'react';
import type { Band } from '@/core/stance';
import { pushTrouble, readPush, type ScaleReading } from '@/core/load';
import { amount, amountText, type Units } from '@/core/units';
import { AmountField } from '@/ui/form/amount-field';
import { useUnits } from '@/ui/units';
import { Button } from '@/ui/form/button';
import { NumberField } from '@/ui/form/dose/number-field';
import { useSimulatedScale } from '@/ui/hooks/use-simulated-scale';

/** What the scale should read of both hands, as shares of body weight. */
type Props = { planned: Band; massKg: number; rate: number };

/**
 * A press on a bathroom scale against the number above. The scale here is simulated: it settles, sways, and may show
 * something with nothing on it, as real ones do.
 */
export function ScaleCheck({ planned, massKg, rate }: Props) {
  const [pressKg, setPressKg] = useState<number | null>(null);
  const [zeroKg, setZeroKg] = useState(0.6);
  const [swayPercent, setSwayPercent] = useState(4);
  const { readings, reading: shown, running, press } = useSimulatedScale(rate);
  const kg = pressKg ?? Math.round(planned.middle * massKg);
  const units = useUnits();
  const done = shown !== null && !running;
  return (
    <section aria-label="Scale check">
      <h2 className="text-lg">Against a bathroom scale</h2>
      <p>Lay a scale under both hands, wait for its zero, press for six seconds. This one is simulated.</p>
      <div className="mt-2 flex flex-wrap gap-x-5 gap-y-3">
        <AmountField label="Pressed with" kept="kg" value={kg} min={0} max={120} onChange={setPressKg} />
        <AmountField
          label="Its zero"
          kept="kg"
          value={zeroKg}
          min={0}
          max={5}
          step={0.2}
          digits={1}
          onChange={setZeroKg}
        />
        <NumberField label="Sway, %" value={swayPercent} min={0} max={40} onChange={setSwayPercent} />
      </div>
      <div className="mt-3 flex flex-wrap items-center gap-5">
        <Button onClick={() => press({ kg, zeroKg, sway: swayPercent / 100 })}>Press the scale</Button>
        {shown && <span className="tabular text-2xl font-bold">{amountText(shown.kg, 'kg', units)}</span>}
      </div>
      <p role="status" className="mt-2 min-h-14">
        {done && verdictWords(readings, [planned.low * massKg, planned.high * massKg], units)}
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
  units: Units,
): string {
  const text = (value: number) => amountText(value, 'kg', units);
  const pressed = readPush(readings);
  const { kg, zeroKg } = pressed;
  const zero = zeroKg > 0.05 ? ` ${text(zeroKg)} of it was the scale’s own zero, taken off.` : '';
  const trouble = pushTrouble(pressed);
  if (trouble) return trouble;
  const band = `${amount(low, 'kg', units)} to ${text(high)}`;
  const side =
    kg < low - GRAIN_KG
      ? `${text(low - kg)} under the ${band} worked out; the scale is right`
      : kg > high + GRAIN_KG
        ? `${text(kg - high)} over the ${band} worked out; the scale is right`
        : `within the ${band} worked out`;
  return `${text(kg)} on both hands, ${side}.${zero}`;
}
