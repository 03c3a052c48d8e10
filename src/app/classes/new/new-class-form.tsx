'use client';

import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { STARTERS } from '@/catalogue/starters';
import { Field, inputClass } from '@/ui/form/field';
import { requestJson } from '@/ui/request-json';
import { ClassForm } from '../class-form';

/** The first class of a series; its plan opens next, with a ready class where one was chosen. */
export function NewClassForm({ today }: { today: string }) {
  const router = useRouter();
  const [begin, setBegin] = useState('');
  return (
    <ClassForm
      initial={{ name: '', place: '', day: today, startsAt: '10:30', slotMinutes: 45 }}
      saveLabel="Make the class"
      onSave={async (fields) => {
        const result = await requestJson<{ id: string }>('POST', '/api/classes', fields);
        if (result.ok) router.push(`/classes/${result.value.id}${begin && `?begin=${begin}`}`);
        return result;
      }}
    >
      <Field label="Begin with">
        {(field) => (
          <select {...field} className={inputClass} value={begin} onChange={(e) => setBegin(e.target.value)}>
            <option value="">An empty plan</option>
            {STARTERS.map(({ id, name, minutes }) => (
              <option key={id} value={id}>
                {name}, {minutes} minutes
              </option>
            ))}
          </select>
        )}
      </Field>
    </ClassForm>
  );
}
