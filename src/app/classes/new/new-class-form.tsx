'use client';

import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { toast } from 'sonner';
import { STARTERS } from '@/catalogue/starters';
import { Field, inputClass } from '@/ui/form/field';
import { CheckBox } from '@/ui/form/check-box';
import { plural } from '@/core/words';
import { requestJson } from '@/ui/request-json';
import { ClassForm } from '../class-form';

/** A list as short as one class is taken to come to it. */
const MOST_AT_FIRST = 20;

/** The first class of a series; its plan opens next, with a ready class where one was chosen. */
export function NewClassForm({ today, people }: { today: string; people: readonly string[] }) {
  const router = useRouter();
  const [begin, setBegin] = useState('');
  const [all, setAll] = useState(people.length <= MOST_AT_FIRST);
  return (
    <ClassForm
      keptAs="class.new"
      initial={{ name: '', place: '', day: today, startsAt: '10:30', slotMinutes: 45 }}
      beside={{
        values: { begin, all },
        restore: (kept) => {
          const typed = kept as { begin: string; all: boolean };
          setBegin(typed.begin);
          setAll(typed.all);
        },
      }}
      saveLabel="Make the class"
      onSave={async (fields) => {
        const result = await requestJson<{ id: string }>('POST', '/api/classes', fields);
        if (result.ok && all && people.length > 0) {
          const come = await requestJson('PUT', `/api/classes/${result.value.id}/roster`, {
            personIds: people,
            helpers: [],
          });
          if (!come.ok) toast.error(`The class is made, and nobody is on it yet. ${come.message}`);
        }
        if (result.ok) router.push(`/classes/${result.value.id}${begin && `?begin=${begin}`}`);
        return result;
      }}
    >
      {people.length > 0 && (
        <CheckBox
          label={`Everyone on the list comes: ${plural(people.length, 'person', 'people')}`}
          on={all}
          onChange={setAll}
        />
      )}
      <Field
        label="Begin with"
        hint={
          STARTERS.find(({ id }) => id === begin)?.what ?? 'What is in the bag, and ready classes, come next.'
        }
      >
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
