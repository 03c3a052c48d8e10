import { Field, inputClass } from '@/ui/form/field';
import type { InstrumentInUse } from './use-instrument';

type Props = { used: InstrumentInUse; example: string };

/** What the numbers are read from, and how finely it shows: a change under two of its steps never counts. */
export function InstrumentFields({ used: { typed, set, trouble, unit }, example }: Props) {
  return (
    <div className="flex flex-wrap gap-5">
      <Field label="Instrument" hint={`As in: ${example}`} error={trouble.name} className="w-72">
        {(field) => (
          <input
            {...field}
            className={inputClass}
            value={typed.name}
            onChange={(e) => set({ name: e.target.value })}
          />
        )}
      </Field>
      <Field label={`It shows steps of, ${unit}`} error={trouble.step} className="w-56">
        {(field) => (
          <input
            {...field}
            inputMode="decimal"
            className={`${inputClass} tabular max-w-32`}
            value={typed.step}
            onChange={(e) => set({ step: e.target.value })}
          />
        )}
      </Field>
    </div>
  );
}
