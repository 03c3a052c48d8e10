'use client';

import { useState } from 'react';
import { useFieldArray, useFormContext } from 'react-hook-form';
import { MEASURE_KINDS, MEASURES, measureUnit, type MeasureKind, type PersonFields } from '@/core/people';
import { Button } from '@/ui/form/button';
import { AmountInput } from '@/ui/form/amount-input';
import { toShown } from '@/core/units';
import { Field, inputClass } from '@/ui/form/field';
import { useUnits } from '@/ui/units';

/** Years of measures come to hundreds; the newest are what is put right here. */
const SHOWN_AT_FIRST = 20;

/** What was measured, newest first; a movement that asks more of a wrist is drawn in to its limit. */
export function MeasureFields({ today }: { today: string }) {
  const { control, formState } = useFormContext<PersonFields>();
  const { fields, prepend, remove } = useFieldArray({ control, name: 'measures' });
  const [all, setAll] = useState(false);
  const shown = all || formState.errors.measures ? fields : fields.slice(0, SHOWN_AT_FIRST);
  return (
    <fieldset className="rounded-2xl border-2 border-line p-4">
      <legend className="px-2 text-lg font-bold">What was measured</legend>
      {fields.length === 0 && (
        <p className="mb-3 text-soft">
          Nothing measured. A measured range limits the arc asked of that wrist.
        </p>
      )}
      <Button
        className="mb-4"
        onClick={() => prepend({ hand: 'R', kind: 'extension', value: 40, on: today })}
      >
        Add a measure
      </Button>
      <ul className="grid gap-3">
        {shown.map((field, i) => (
          <MeasureField key={field.id} index={i} onRemove={() => remove(i)} />
        ))}
      </ul>
      {shown.length < fields.length && (
        <Button look="quiet" className="mt-3" onClick={() => setAll(true)}>
          Show all {fields.length} measures
        </Button>
      )}
    </fieldset>
  );
}

function MeasureField({ index, onRemove }: { index: number; onRemove: () => void }) {
  const { register, formState, watch } = useFormContext<PersonFields>();
  const units = useUnits();
  const error = formState.errors.measures?.[index];
  const name = (part: 'hand' | 'kind' | 'value' | 'on') => `measures.${index}.${part}` as const;
  return (
    <li className="grid grid-cols-1 items-start gap-3 border-b pb-3 sm:grid-cols-[1fr_2.4fr_1fr_1.5fr_auto]">
      <Field label="Hand" error={error?.hand?.message}>
        {(field) => (
          <select {...field} className={inputClass} {...register(name('hand'))}>
            <option value="L">left</option>
            <option value="R">right</option>
            <option value="both">neither alone</option>
          </select>
        )}
      </Field>
      <Field label="What" error={error?.kind?.message}>
        {(field) => (
          <select {...field} className={inputClass} {...register(name('kind'))}>
            {MEASURE_KINDS.map((kind) => (
              <option key={kind} value={kind}>
                {MEASURES[kind].name.toLowerCase()}, {measureUnit(kind, units)}
              </option>
            ))}
          </select>
        )}
      </Field>
      <Field label="Value" error={error?.value?.message}>
        {(field) => (
          <AmountInput<PersonFields>
            {...field}
            name={name('value')}
            kept={MEASURES[watch(name('kind')) as MeasureKind].unit}
          />
        )}
      </Field>
      <Field label="On" error={error?.on?.message}>
        {(field) => <input {...field} type="date" className={inputClass} {...register(name('on'))} />}
      </Field>
      <Button look="quiet" className="mt-7" onClick={onRemove} aria-label={`Remove measure ${index + 1}`}>
        Remove
      </Button>
      <TakenWith index={index} />
    </li>
  );
}

/** What it was read from, where that is known. */
function TakenWith({ index }: { index: number }) {
  const { getValues } = useFormContext<PersonFields>();
  const units = useUnits();
  const { simulated, instrument, kind } = getValues(`measures.${index}`);
  if (!simulated && !instrument) return null;
  return (
    <p className="text-sm text-soft sm:col-span-5">
      {simulated
        ? `Simulated${simulated === 'own' ? ', counted for nothing' : ''}`
        : `Read from: ${instrument!.name}, in steps of ${Number(toShown(instrument!.step, MEASURES[kind].unit, units).toFixed(2))}`}
    </p>
  );
}
