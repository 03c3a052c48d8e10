'use client';

import { Form } from '@/ui/form/form';
import { zodResolver } from '@hookform/resolvers/zod';
import { useState, type ReactNode } from 'react';
import { useForm } from 'react-hook-form';
import { newClassSchema, type NewClassFields } from '@/core/plan';
import type { Result } from '@/core/result';
import { Button } from '@/ui/form/button';
import { asNumber } from '@/ui/form/as-number';
import { Field, inputClass, Trouble } from '@/ui/form/field';
import { UnsavedLine } from '@/ui/form/unsaved-line';
import { useUnsavedForm, type Beside } from '@/ui/form/use-unsaved-form';

type Props = {
  /** As what it is kept while it is typed. */
  keptAs: string;
  initial: NewClassFields;
  saveLabel: string;
  /** Store the fields; what goes wrong is shown above the button and what was typed stays. */
  onSave: (fields: NewClassFields) => Promise<Result<unknown>>;
  /** What is asked besides, and what was answered. */
  children?: ReactNode;
  beside?: Beside;
};

/** Name, place, day, start and length of a class. */
export function ClassForm({ keptAs, initial, saveLabel, onSave, children, beside }: Props) {
  const [trouble, setTrouble] = useState<string | null>(null);
  const form = useForm<NewClassFields>({ resolver: zodResolver(newClassSchema), defaultValues: initial });
  const unsaved = useUnsavedForm(keptAs, form, initial, { beside });
  const { register, handleSubmit, formState } = form;
  const { errors, isSubmitting } = formState;
  const save = handleSubmit(async (fields) => {
    const result = await onSave(fields);
    if (result.ok) unsaved.onSaved();
    setTrouble(result.ok ? null : result.message);
  });
  return (
    <Form onSubmit={save} noValidate waits={!unsaved.isReady} className="@container grid max-w-2xl gap-5">
      <Field label="Name" error={errors.name?.message}>
        {(field) => <input {...field} className={inputClass} {...register('name')} />}
      </Field>
      <Field label="Place" error={errors.place?.message}>
        {(field) => <input {...field} className={inputClass} {...register('place')} />}
      </Field>
      <div className="grid grid-cols-1 gap-5 @lg:grid-cols-3">
        <Field label="Day" error={errors.day?.message}>
          {(field) => <input {...field} type="date" className={inputClass} {...register('day')} />}
        </Field>
        <Field label="Starts at" error={errors.startsAt?.message}>
          {(field) => <input {...field} type="time" className={inputClass} {...register('startsAt')} />}
        </Field>
        <Field label="Minutes" error={errors.slotMinutes?.message}>
          {(field) => (
            <input
              {...field}
              inputMode="numeric"
              className={inputClass}
              {...register('slotMinutes', asNumber)}
            />
          )}
        </Field>
      </div>
      {children}
      <Trouble message={trouble} />
      <div className="flex flex-wrap items-center gap-x-5 gap-y-2">
        <Button type="submit" look="main" disabled={isSubmitting}>
          {saveLabel}
        </Button>
        <UnsavedLine unsaved={unsaved} />
      </div>
    </Form>
  );
}
