'use client';

import { Form } from '@/ui/form/form';
import { zodResolver } from '@hookform/resolvers/zod';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { FormProvider, useForm } from 'react-hook-form';
import { toast } from 'sonner';
import { editable, type Editable } from '@/core/frozen';
import { personFieldsSchema, type PersonFields } from '@/core/people';
import { CONDITIONS } from '@/catalogue/conditions';
import type { Failure } from '@/core/result';
import { Button } from '@/ui/form/button';
import { requestJson } from '@/ui/request-json';
import { ChangedElsewhere } from '@/ui/page/changed-elsewhere';
import { ASSISTANCE_WORDS } from '@/ui/words/condition-words';
import { AmountInput } from '@/ui/form/amount-input';
import { Field, inputClass } from '@/ui/form/field';
import { useUnits } from '@/ui/units';
import { UnsavedLine } from '@/ui/form/unsaved-line';
import { useUnsavedForm } from '@/ui/form/use-unsaved-form';
import { ClearanceFields } from './clearance-fields';
import { ComfortFields } from './comfort-fields';
import { ConditionFields } from './condition-fields';
import { MeasureFields } from './measure-fields';

type Saved = { readonly id: string; readonly beside?: string };
type Props = { personId: string | null; initial: PersonFields; today: string };

/** Everything on record about one person. What was typed stays when saving fails. */
export function PersonForm({ personId, initial, today }: Props) {
  const router = useRouter();
  const units = useUnits();
  const [trouble, setTrouble] = useState<Failure | null>(null);
  const [opened, setOpened] = useState(initial);
  const form = useForm<Editable<PersonFields>>({
    resolver: zodResolver(personFieldsSchema), // Ticks of a list need a list to begin with.
    defaultValues: { propsHome: [], ...editable(initial) },
  });
  const unsaved = useUnsavedForm(`person.${personId ?? 'new'}`, form, editable(opened), {
    onOpened: setOpened,
  });
  const { register, handleSubmit, formState } = form;
  const { errors, isSubmitting } = formState;

  /** `over`: mine wins where somebody else changed the same meanwhile. */
  const saveOver = (over: boolean) =>
    handleSubmit(async (fields) => {
      setTrouble(null);
      const body = { ...fields, conditions: fields.conditions.map(onItsSide) };
      const result = personId
        ? await requestJson<Saved>('PUT', `/api/people/${personId}`, { ...body, before: opened, over })
        : await requestJson<Saved>('POST', '/api/people', body);
      if (!result.ok) {
        setTrouble(result);
        return;
      }
      unsaved.onSaved();
      const { beside } = result.value;
      toast(`${fields.firstName} is saved`, beside ? { description: beside, duration: 10_000 } : {});
      router.push('/people');
      router.refresh();
    });

  return (
    <FormProvider {...form}>
      <Form onSubmit={saveOver(false)} noValidate waits={!unsaved.isReady} className="grid gap-6">
        <div className="grid grid-cols-1 gap-5 sm:grid-cols-[2fr_1fr_2fr]">
          <Field label="First name or nickname" error={errors.firstName?.message}>
            {(field) => (
              <input {...field} className={inputClass} autoComplete="off" {...register('firstName')} />
            )}
          </Field>
          <Field label="Initial" error={errors.initial?.message}>
            {(field) => (
              <input {...field} className={inputClass} autoComplete="off" {...register('initial')} />
            )}
          </Field>
          <Field label="Writes with" error={errors.dominantHand?.message}>
            {(field) => (
              <select {...field} className={inputClass} {...register('dominantHand')}>
                <option value="R">the right hand</option>
                <option value="L">the left hand</option>
              </select>
            )}
          </Field>
        </div>
        <Field
          label="Would like to be able to"
          hint="Fasten, turn, carry, open, write"
          error={errors.wantedTask?.message}
        >
          {(field) => <input {...field} className={inputClass} {...register('wantedTask')} />}
        </Field>
        <label className="flex min-h-11 items-center gap-3 font-semibold">
          <input type="checkbox" className="size-6 accent-ink" {...register('screened')} />
          Screening questions answered
        </label>
        <p className="-mt-5 text-sm text-soft">
          Until then, resisted and loading work stays on its lowest rung.
        </p>
        <ConditionFields />
        <ClearanceFields />
        <div className="flex flex-wrap gap-5">
          <Field
            label={`Height, ${units.length}`}
            hint="For the weight through the hands"
            error={errors.heightCm?.message}
            className="w-56"
          >
            {(field) => <AmountInput<PersonFields> {...field} name="heightCm" kept="cm" whole />}
          </Field>
          <Field label={`Mass, ${units.mass}`} error={errors.massKg?.message} className="w-56">
            {(field) => <AmountInput<PersonFields> {...field} name="massKg" kept="kg" />}
          </Field>
        </div>
        <MeasureFields today={today} />
        <ComfortFields />
        <Field label="Help needed" error={errors.assistance?.message}>
          {(field) => (
            <select {...field} className={inputClass} {...register('assistance', { valueAsNumber: true })}>
              {ASSISTANCE_WORDS.map((words, level) => (
                <option key={level} value={level}>
                  {level}: {words}
                </option>
              ))}
            </select>
          )}
        </Field>
        <Field label="Notes" error={errors.notes?.message}>
          {(field) => <textarea {...field} rows={3} className={inputClass} {...register('notes')} />}
        </Field>
        <div className="grid grid-cols-1 gap-5 sm:grid-cols-[2fr_1fr]">
          <Field
            label="Emergency contact"
            hint="Optional: whom to call, with a number"
            error={errors.contact?.message}
          >
            {(field) => (
              <input
                {...field}
                className={inputClass}
                autoComplete="off"
                {...register('contact', asOptional)}
              />
            )}
          </Field>
          <Field label="Agreed to this record on" hint="Optional" error={errors.agreedOn?.message}>
            {(field) => (
              <input {...field} type="date" className={inputClass} {...register('agreedOn', asDay)} />
            )}
          </Field>
        </div>
        <ChangedElsewhere
          trouble={trouble}
          href={`/people/${personId}`}
          see="See the record as it is now"
          onOver={() => void saveOver(true)()}
          busy={isSubmitting}
        />
        <div className="flex flex-wrap items-center gap-x-5 gap-y-2">
          <Button type="submit" look="main" disabled={isSubmitting}>
            {isSubmitting ? 'Saving' : 'Save'}
          </Button>
          <UnsavedLine unsaved={unsaved} />
        </div>
      </Form>
    </FormProvider>
  );
}

const asOptional = { setValueAs: (v: string | undefined) => v || undefined };
const asDay = { setValueAs: (v: string | null) => v || null };

/** A condition of the whole person has no side. */
function onItsSide(c: PersonFields['conditions'][number]): PersonFields['conditions'][number] {
  const sided = CONDITIONS.find((k) => k.id === c.conditionId)?.sided ?? true;
  if (!sided) return { ...c, side: 'none' };
  return c.side === 'none' ? { ...c, side: 'both' } : c;
}
