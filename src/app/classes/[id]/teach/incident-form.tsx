'use client';

import { newId } from '@/ui/new-id';
import { zodResolver } from '@hookform/resolvers/zod';
import { useState } from 'react';
import { useForm } from 'react-hook-form';
import { fullName, type Person } from '@/core/people';
import { incidentSchema, STOP_SIGNS, type Incident } from '@/core/teach';
import { Button } from '@/ui/form/button';
import { requestJson } from '@/ui/request-json';
import { Field, inputClass, Trouble } from '@/ui/form/field';

type Props = { classId: string; people: readonly Person[] };

const fresh = (): Incident => ({
  id: newId(),
  personId: null,
  sign: '',
  what: '',
  done: '',
});

/** What happened, once the person is looked after; kept with the class and in the person's notes. */
export function IncidentForm({ classId, people }: Props) {
  const [trouble, setTrouble] = useState<string | null>(null);
  const [kept, setKept] = useState(false);
  const { register, handleSubmit, formState, reset } = useForm<Incident>({
    resolver: zodResolver(incidentSchema),
    defaultValues: fresh(),
  });
  const { errors, isSubmitting } = formState;
  const save = handleSubmit(async (incident) => {
    const result = await requestJson('POST', `/api/classes/${classId}/incidents`, incident);
    setTrouble(result.ok ? null : result.message);
    setKept(result.ok);
    if (result.ok) reset(fresh());
  });
  return (
    <form onSubmit={save} noValidate className="mt-6 grid gap-3 border-t-2 border-edge pt-4">
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
            <select {...field} className={inputClass} {...register('sign')}>
              <option value="">choose one</option>
              {STOP_SIGNS.map((sign) => (
                <option key={sign} value={sign}>
                  {sign}
                </option>
              ))}
            </select>
          )}
        </Field>
      </div>
      <Field label="What happened" error={errors.what?.message}>
        {(field) => <textarea {...field} rows={2} className={inputClass} {...register('what')} />}
      </Field>
      <Field label="What was done" error={errors.done?.message}>
        {(field) => <textarea {...field} rows={2} className={inputClass} {...register('done')} />}
      </Field>
      <Trouble message={trouble} />
      <div className="flex items-center gap-4">
        <Button type="submit" disabled={isSubmitting}>
          Keep this record
        </Button>
        <p role="status">{kept && 'Kept. It will be in the wrap-up.'}</p>
      </div>
    </form>
  );
}
