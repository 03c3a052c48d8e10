'use client';

import { Form } from '@/ui/form/form';
import { newId } from '@/ui/new-id';
import { format } from 'date-fns';
import { zodResolver } from '@hookform/resolvers/zod';
import { useEffect, useState } from 'react';
import { useForm, useWatch } from 'react-hook-form';
import { fullName, type Person } from '@/core/people';
import { CALLED, incidentSchema, SOMETHING_ELSE, STOP_SIGNS, type Incident } from '@/core/teach';
import { ImpliedState } from '../implied-state';
import { Button } from '@/ui/form/button';
import { Field, inputClass } from '@/ui/form/field';
import { INCIDENT_DRAFT } from '@/ui/incident-draft';

type Props = {
  classId: string;
  people: readonly Person[];
  /** The record is on its way, and comes again until it has landed. */
  onKeep: (incident: Incident) => void;
};

const draftKey = (classId: string): string => `${INCIDENT_DRAFT}${classId}`;

/** What was typed of this class and not kept yet, field by field, whole or not; another record is begun where there is none. */
function draftOf(classId: string): Incident {
  const begun = storedDraft(classId);
  const typed = Object.entries(fresh()).map(([name, value]) => {
    const was = begun[name];
    return [name, typeof was === 'string' || was === null ? was : value] as const;
  });
  return Object.fromEntries(typed) as unknown as Incident;
}

function storedDraft(classId: string): Readonly<Record<string, unknown>> {
  try {
    return JSON.parse(localStorage.getItem(draftKey(classId)) ?? '{}') as Record<string, unknown>;
  } catch {
    return {};
  }
}

const fresh = (): Incident => ({
  id: newId(),
  personId: null,
  sign: '',
  what: '',
  done: '',
  happenedAt: format(new Date(), 'HH:mm'),
  called: CALLED[0],
});

/** What happened, once the person is looked after; kept with the class and in the person's notes. */
export function IncidentForm({ classId, people, onKeep }: Props) {
  const [kept, setKept] = useState<Incident | null>(null);
  const [elseSeen, setElseSeen] = useState(false);
  const { register, handleSubmit, formState, reset, setValue, control } = useForm<Incident>({
    resolver: zodResolver(incidentSchema),
    defaultValues: draftOf(classId),
  });
  const { errors, isSubmitting } = formState;
  const typed = useWatch({ control });
  const { personId, sign } = typed;
  // Closing the panel, the page or the lid loses nothing of it.
  useEffect(() => {
    if (formState.isDirty) localStorage.setItem(draftKey(classId), JSON.stringify(typed));
  }, [classId, typed, formState.isDirty]);
  const contact = people.find((p) => p.id === personId)?.contact;
  const save = handleSubmit((incident) => {
    onKeep(incident);
    localStorage.removeItem(draftKey(classId));
    setKept(incident);
    setElseSeen(false);
    reset(fresh());
  });
  return (
    <Form onSubmit={save} noValidate className="mt-6 grid gap-3 border-t-2 border-edge pt-4">
      <h3 className="text-lg">Record what happened, when the person is looked after</h3>
      <div className="grid gap-3 sm:grid-cols-2">
        <Field label="Who" error={errors.personId?.message}>
          {(field) => (
            <select
              {...field}
              className={inputClass}
              {...register('personId', { setValueAs: (v: string | null) => v || null })}
            >
              <option value="">nobody on the list</option>
              {people.map((p) => (
                <option key={p.id} value={p.id}>
                  {fullName(p)}
                </option>
              ))}
            </select>
          )}
        </Field>
        <Field label="What was seen" error={errors.sign?.message}>
          {(field) => (
            <select
              {...field}
              className={inputClass}
              value={elseSeen ? SOMETHING_ELSE : sign}
              onChange={(e) => {
                const isElse = e.target.value === SOMETHING_ELSE;
                setElseSeen(isElse);
                setValue('sign', isElse ? '' : e.target.value, { shouldValidate: formState.isSubmitted });
              }}
            >
              <option value="">choose one</option>
              {[...STOP_SIGNS, SOMETHING_ELSE].map((one) => (
                <option key={one} value={one}>
                  {one}
                </option>
              ))}
            </select>
          )}
        </Field>
        {elseSeen && (
          <Field label="What it was, in a few words" className="sm:col-span-2">
            {(field) => <input {...field} className={inputClass} maxLength={120} {...register('sign')} />}
          </Field>
        )}
        <Field label="When" error={errors.happenedAt?.message}>
          {(field) => (
            <input
              {...field}
              type="time"
              className={inputClass}
              {...register('happenedAt', { setValueAs: (v: string | null) => v || null })}
            />
          )}
        </Field>
        <Field label="Who was called" error={errors.called?.message}>
          {(field) => (
            <select {...field} className={inputClass} {...register('called')}>
              {CALLED.map((who) => (
                <option key={who} value={who}>
                  {who}
                </option>
              ))}
            </select>
          )}
        </Field>
        {contact && (
          <p className="text-lg sm:col-span-2">
            Emergency contact: <strong>{contact}</strong>
          </p>
        )}
      </div>
      <Field label="What happened" error={errors.what?.message}>
        {(field) => <textarea {...field} rows={2} className={inputClass} {...register('what')} />}
      </Field>
      <Field label="What was done" error={errors.done?.message}>
        {(field) => <textarea {...field} rows={2} className={inputClass} {...register('done')} />}
      </Field>
      <div className="flex items-center gap-4">
        <Button type="submit" className="shrink-0" disabled={isSubmitting}>
          Keep this record
        </Button>
        <p role="status">
          {kept &&
            `Kept. It will be in the wrap-up${kept.personId ? ', and Oskil asks how they are two hours later and the next morning' : ''}.`}
        </p>
      </div>
      {kept && <ImpliedState classId={classId} incident={kept} people={people} />}
    </Form>
  );
}
