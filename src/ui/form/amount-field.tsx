import { fromShown, toShown, unitShown } from '@/core/units';
import { useUnits } from '@/ui/units';
import { NumberField } from './dose/number-field';

type Props = {
  /** What it is, without its unit. */
  label: string;
  kept: 'kg' | 'cm';
  /** All in the unit in which it is kept. */
  value: number;
  min: number;
  max: number;
  step?: number;
  /** Digits after the point. */
  digits?: 0 | 1;
  onChange: (value: number) => void;
};

/** A weight or a length with less and more, in the units of whoever looks. */
export function AmountField({ label, kept, value, min, max, step = 1, digits = 0, onChange }: Props) {
  const units = useUnits();
  const shownIn = unitShown(kept, units);
  const show = (amount: number) => Number(toShown(amount, kept, units).toFixed(digits));
  return (
    <NumberField
      label={`${label}, ${shownIn}`}
      value={show(value)}
      min={show(min)}
      max={show(max)}
      step={shownIn === kept || digits > 0 ? step : 1}
      whole={digits === 0}
      onChange={(shown) => onChange(Math.min(max, Math.max(min, fromShown(shown, kept, units))))}
    />
  );
}
