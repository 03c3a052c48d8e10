'use client';

import { Form } from '@/ui/form/form';
import { zodResolver } from '@hookform/resolvers/zod';
import { useState, type ReactNode } from 'react';
import { useForm } from 'react-hook-form';
import { newClassSchema, type NewClassFields } from '@/core/plan';
import type { Result } from '@/core/result';
import { Button } from '@/ui/form/button';
import { Field, inputClass, Trouble } from '@/ui/form/field';

type Props = {
  initial: NewClassFields;
  saveLabel: string;
  /** Store the fields; what goes wrong is shown above the button and what was typed stays. */
  onSave: (fields: NewClassFields) => Promise<Result<unknown>>;
  /** What is asked besides. */
  children?: ReactNode;
};

/** Name, place, day, start and length of a class. */
export function ClassForm({ initial, saveLabel, onSave, children }: Props) {
  const [trouble, setTrouble] = useState<string | null>(null);
  const { register, handleSubmit, formState } = useForm<NewClassFields>({
    resolver: zodResolver(newClassSchema),
    defaultValues: initial,
  });
  const { errors, isSubmitting } = formState;
  const save = handleSubmit(async (fields) => {
    const result = await onSave(fields);
    setTrouble(result.ok ? null : result.message);
  });
  return (
    <Form onSubmit={save} noValidate className="grid max-w-2xl gap-5">
      <Field label="Name" error={errors.name?.message}>
        {(field) => <input {...field} className={inputClass} {...register('name')} />}
      </Field>
      <Field label="Place" error={errors.place?.message}>
        {(field) => <input {...field} className={inputClass} {...register('place')} />}
      </Field>
      <div className="grid grid-cols-1 gap-5 sm:grid-cols-3">
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
              {...register('slotMinutes', { valueAsNumber: true })}
            />
          )}
        </Field>
      </div>
      {children}
      <Trouble message={trouble} />
      <div>
        <Button type="submit" look="main" disabled={isSubmitting}>
          {saveLabel}
        </Button>
      </div>
    </Form>
  );
}
