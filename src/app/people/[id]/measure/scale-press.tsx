import { useState } from 'react';
import type { Hand } from '@/core/dose';
import { pushTrouble, readPush, type ReadPush as Pressed } from '@/core/load';
import { amountText, type Units } from '@/core/units';
import { AmountField } from '@/ui/form/amount-field';
import { Button } from '@/ui/form/button';
import { NumberField } from '@/ui/form/dose/number-field';
import { PRESS_MS, useSimulatedScale } from '@/ui/hooks/use-simulated-scale';
import { usePresses } from './use-presses';
import type { Readings } from './use-readings';

/** A press with one hand on a bathroom scale, hands by turns, three each; the best of each is written down below. */
export function ReadPush({ first, readings, rate }: { first: Hand; readings: Readings; rate: number }) {
  const [kg, setKg] = useState(9);
  const [swayPercent, setSway] = useState(4);
  const [said, setSaid] = useState('');
  const { reading, running, press } = useSimulatedScale(rate);
  const { add, isDone, words } = usePresses(first, readings, 'simulated');

  const start = () =>
    press({ kg, zeroKg: 0.4, sway: swayPercent / 100 }, (readingsOfPress) => {
      const pressed = readPush(readingsOfPress);
      setSaid(wordsOf(pressed, readings.units));
      if (!pressed.trouble) add(pressed.kg);
    });
  return (
    <section aria-label="Press on a scale" className="rounded-2xl border-2 border-edge bg-paper p-4">
      <p className="mb-2 text-soft">
        This scale is simulated, and what it reads carries that mark. How hard is it pressed, and how
        steadily?
      </p>
      <div className="flex flex-wrap gap-5">
        <AmountField label="Press" kept="kg" value={kg} min={0} max={60} onChange={setKg} />
        <NumberField label="Sway, %" value={swayPercent} min={0} max={40} onChange={setSway} />
      </div>
      <div className="mt-3 flex flex-wrap items-center gap-5">
        <p className="text-2xl font-bold">{words}</p>
        {!isDone && (
          <Button look="main" disabled={running} onClick={start}>
            {running ? `Press for ${PRESS_MS / 1_000} s` : 'Press the scale'}
          </Button>
        )}
        {reading && (
          <span className="tabular text-2xl font-bold">{amountText(reading.kg, 'kg', readings.units)}</span>
        )}
      </div>
      <p role="status" className="mt-2 min-h-7">
        {said}
      </p>
    </section>
  );
}

function wordsOf(pressed: Pressed, units: Units): string {
  const { kg, zeroKg } = pressed;
  const zero = zeroKg > 0.05 ? `, ${amountText(zeroKg, 'kg', units)} of the scale’s own zero taken off` : '';
  return pushTrouble(pressed) ?? `${amountText(kg, 'kg', units)}${zero}.`;
}
