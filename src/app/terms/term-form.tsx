'use client';

import { Form } from '@/ui/form/form';
import { zodResolver } from '@hookform/resolvers/zod';
import { useState } from 'react';
import { FormProvider, useForm } from 'react-hook-form';
import { editable, type Editable } from '@/core/frozen';
import { resizedWeeks, termSchema, type Term } from '@/core/term';
import type { Result } from '@/core/result';
import { Button } from '@/ui/form/button';
import { NumberField } from '@/ui/form/dose/number-field';
import { Field, inputClass, Trouble } from '@/ui/form/field';
import { UnsavedLine } from '@/ui/form/unsaved-line';
import { useUnsavedForm } from '@/ui/form/use-unsaved-form';
import { TermDayFields } from './term-day-fields';
import { TermHolidayFields } from './term-holiday-fields';
import { TermWeekFields } from './term-week-fields';

type Props = {
  /** As what it is kept while it is typed. */
  keptAs: string;
  initial: Term;
  saveLabel: string;
  /** Store the term; what goes wrong is shown above the button and what was typed stays. */
  onSave: (term: Term) => Promise<Result<unknown>>;
};

/** Name, first day, weeks with their phases, days of the week, holidays. */
export function TermForm({ keptAs, initial, saveLabel, onSave }: Props) {
  const [trouble, setTrouble] = useState<string | null>(null);
  const form = useForm<Editable<Term>>({
    resolver: zodResolver(termSchema),
    defaultValues: editable(initial),
  });
  const unsaved = useUnsavedForm(keptAs, form, editable(initial));
  const { register, handleSubmit, formState, watch, getValues, setValue } = form;
  const { errors, isSubmitting } = formState;
  const save = handleSubmit(async (term) => {
    const result = await onSave(term);
    if (result.ok) unsaved.onSaved();
    setTrouble(result.ok ? null : result.message);
  });
  return (
    <FormProvider {...form}>
      <Form onSubmit={save} noValidate waits={!unsaved.isReady} className="grid max-w-4xl gap-6">
        <div className="grid grid-cols-1 gap-5 sm:grid-cols-[2fr_1fr_auto]">
          <Field label="Name" error={errors.name?.message}>
            {(field) => <input {...field} className={inputClass} {...register('name')} />}
          </Field>
          <Field label="From" error={errors.firstDay?.message}>
            {(field) => <input {...field} type="date" className={inputClass} {...register('firstDay')} />}
          </Field>
          <NumberField
            label="Weeks"
            value={watch('weeks').length}
            min={1}
            max={16}
            onChange={(n) =>
              setValue('weeks', [...resizedWeeks(getValues('weeks'), n)], { shouldDirty: true })
            }
          />
        </div>
        <TermDayFields />
        <TermHolidayFields />
        <TermWeekFields />
        <Trouble message={trouble} />
        <div className="flex flex-wrap items-center gap-x-5 gap-y-2">
          <Button type="submit" look="main" disabled={isSubmitting}>
            {saveLabel}
          </Button>
          <UnsavedLine unsaved={unsaved} />
        </div>
      </Form>
    </FormProvider>
  );
}
