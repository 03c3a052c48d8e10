'use client';

import { useRouter } from 'next/navigation';
import { useEffect, useState } from 'react';
import { fullName, type Person } from '@/core/people';
import { Button } from '@/ui/form/button';
import { Field, inputClass, Trouble } from '@/ui/form/field';
import { Form } from '@/ui/form/form';
import { SelectField } from '@/ui/form/select-field';
import { requestJson } from '@/ui/request-json';

type Name = Pick<Person, 'id' | 'firstName' | 'initial'>;
type Props = { classId: string; onJoined: (personId: string) => void };

/** Somebody who was not expected and has come: on record already, or a guest. */
export function JoinClass({ classId, onJoined }: Props) {
  const router = useRouter();
  const [others, setOthers] = useState<readonly Name[] | null>(null);
  const [chosen, setChosen] = useState('');
  const [guest, setGuest] = useState({ firstName: '', initial: '' });
  const [trouble, setTrouble] = useState<string | null>(null);
  const url = `/api/classes/${classId}/joined`;
  useEffect(() => {
    let over = false;
    void requestJson<{ people: readonly Name[] }>('GET', url).then((told) => {
      if (over) return;
      if (told.ok) setOthers(told.value.people);
      else setTrouble(told.message);
    });
    return () => {
      over = true;
    };
  }, [url]);
  const join = async (body: { personId: string } | { guest: { firstName: string; initial: string } }) => {
    const joined = await requestJson<{ personId: string }>('POST', url, body);
    setTrouble(joined.ok ? null : joined.message);
    if (!joined.ok) return;
    onJoined(joined.value.personId);
    router.refresh();
  };
  return (
    <div className="mt-6 border-t border-edge pt-4">
      <h3 className="text-lg">Somebody else has come</h3>
      {others !== null && others.length > 0 && (
        <div className="mt-2 flex flex-wrap items-end gap-3">
          <SelectField
            label="Who"
            className="w-72"
            value={chosen}
            choices={[['', 'choose a person'], ...others.map((p): [string, string] => [p.id, fullName(p)])]}
            onChange={setChosen}
          />
          <Button disabled={chosen === ''} onClick={() => void join({ personId: chosen })}>
            Add to this class
          </Button>
        </div>
      )}
      <Form
        className="mt-4 flex flex-wrap items-end gap-3"
        onSubmit={(e) => {
          e.preventDefault();
          void join({ guest });
        }}
      >
        <Field label="A guest, first name" className="w-56">
          {(field) => (
            <input
              {...field}
              className={inputClass}
              maxLength={40}
              value={guest.firstName}
              onChange={(e) => setGuest({ ...guest, firstName: e.target.value })}
            />
          )}
        </Field>
        <Field label="Initial" className="w-20">
          {(field) => (
            <input
              {...field}
              className={inputClass}
              maxLength={1}
              value={guest.initial}
              onChange={(e) => setGuest({ ...guest, initial: e.target.value })}
            />
          )}
        </Field>
        <Button type="submit" disabled={guest.firstName.trim() === ''}>
          Add a guest
        </Button>
      </Form>
      <p className="mt-1 text-soft">
        Nothing is known of a guest, so each row is at its gentlest for them, and nothing is loaded. They are
        kept on your list of people.
      </p>
      <Trouble message={trouble} />
    </div>
  );
}
