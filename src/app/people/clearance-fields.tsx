'use client';

import { useFieldArray, useFormContext } from 'react-hook-form';
import { CLEARANCE_SCOPES, SCOPE_WORDS, type PersonFields } from '@/core/people';
import { Button } from '@/ui/form/button';
import { Meant } from '@/ui/page/word';
import { Field, inputClass } from '@/ui/form/field';

/** What a clinician cleared: who, when, for what, until when. */
export function ClearanceFields() {
  const { control } = useFormContext<PersonFields>();
  const { fields, append, remove } = useFieldArray({ control, name: 'clearances' });
  return (
    <fieldset className="rounded-2xl border-2 border-line p-4">
      <legend className="px-2 text-lg font-bold">Clinician’s clearance</legend>
      {fields.length === 0 && <p className="mb-3 text-soft">None recorded.</p>}
      <ul className="grid gap-4">
        {fields.map((field, i) => (
          <ClearanceField key={field.id} index={i} onRemove={() => remove(i)} />
        ))}
      </ul>
      <Button
        className="mt-3"
        onClick={() => append({ scope: 'fingers', side: null, by: '', on: '', until: null, what: '' })}
      >
        Add a clearance
      </Button>
      <div className="mt-3">
        <Meant of={['clearance']} />
      </div>
    </fieldset>
  );
}

function ClearanceField({ index, onRemove }: { index: number; onRemove: () => void }) {
  const { register, formState } = useFormContext<PersonFields>();
  const error = formState.errors.clearances?.[index];
  const name = (part: 'scope' | 'side' | 'by' | 'on' | 'until' | 'what') =>
    `clearances.${index}.${part}` as const;
  return (
    <li className="grid grid-cols-1 items-start gap-3 border-b pb-4 sm:grid-cols-[3fr_1.4fr_2fr_1.5fr_1.5fr]">
      <Field label="Cleared for" hint="With all that is less" error={error?.scope?.message}>
        {(field) => (
          <select {...field} className={inputClass} {...register(name('scope'))}>
            {CLEARANCE_SCOPES.map((scope) => (
              <option key={scope} value={scope}>
                {SCOPE_WORDS[scope]}
              </option>
            ))}
          </select>
        )}
      </Field>
      <Field label="Hand" error={error?.side?.message}>
        {(field) => (
          <select
            {...field}
            className={inputClass}
            {...register(name('side'), { setValueAs: (v: string | null) => v || null })}
          >
            <option value="">not said</option>
            <option value="L">left</option>
            <option value="R">right</option>
            <option value="both">both</option>
          </select>
        )}
      </Field>
      <Field label="By whom" error={error?.by?.message}>
        {(field) => <input {...field} className={inputClass} {...register(name('by'))} />}
      </Field>
      <Field label="On" error={error?.on?.message}>
        {(field) => <input {...field} type="date" className={inputClass} {...register(name('on'))} />}
      </Field>
      <Field label="Until" hint="Empty: no end" error={error?.until?.message}>
        {(field) => (
          <input
            {...field}
            type="date"
            className={inputClass}
            {...register(name('until'), { setValueAs: (v: string | null) => v || null })}
          />
        )}
      </Field>
      <Field label="In their words" className="sm:col-span-4" error={error?.what?.message}>
        {(field) => <input {...field} className={inputClass} {...register(name('what'))} />}
      </Field>
      <Button look="quiet" className="mt-7" onClick={onRemove} aria-label="Remove clearance">
        Remove
      </Button>
    </li>
  );
}
