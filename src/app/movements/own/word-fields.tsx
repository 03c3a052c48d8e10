'use client';

import { Controller, useFormContext } from 'react-hook-form';
import type { OwnMovementInput } from '@/core/catalogue';
import { Field, inputClass } from '@/ui/form/field';

/** What it is called, what is done, what is said and what is watched. */
export function WordFields() {
  const { register } = useFormContext<OwnMovementInput>();
  return (
    <section aria-label="In words" className="grid grid-cols-1 gap-4 md:grid-cols-2">
      <Field label="Name" hint="By what the hand does">
        {(field) => (
          <input {...field} className={inputClass} autoComplete="off" {...register('movement.name')} />
        )}
      </Field>
      <Field label="With no prop" hint="How it is done with nothing in the hands">
        {(field) => <input {...field} className={inputClass} {...register('movement.noProp')} />}
      </Field>
      <Field label="What is done" className="md:col-span-2">
        {(field) => <textarea {...field} rows={2} className={inputClass} {...register('movement.what')} />}
      </Field>
      <LinesField name="movement.cues" label="Say" hint="Two to four, one on each line" />
      <LinesField name="movement.watch" label="Watch" hint="One to three, one on each line" />
    </section>
  );
}

function LinesField({
  name,
  label,
  hint,
}: {
  name: 'movement.cues' | 'movement.watch';
  label: string;
  hint: string;
}) {
  return (
    <Controller
      name={name}
      render={({ field: { value, onChange } }) => (
        <Field label={label} hint={hint}>
          {(field) => (
            <textarea
              {...field}
              rows={3}
              className={inputClass}
              value={(value as string[]).join('\n')}
              onChange={(e) => onChange(e.target.value.split('\n'))}
            />
          )}
        </Field>
      )}
    />
  );
}
