'use client';

import { Form } from '@/ui/form/form';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { toast } from 'sonner';
import { Button, buttonClass } from '@/ui/form/button';
import { requestJson } from '@/ui/request-json';
import { Field, inputClass, Trouble } from '@/ui/form/field';

type Props = { personId: string; name: string };

/** All that is held, as a file; and erasing it, with the name typed again. */
export function HeldPanel({ personId, name }: Props) {
  const router = useRouter();
  const [typed, setTyped] = useState('');
  const [erasing, setErasing] = useState(false);
  const [trouble, setTrouble] = useState<string | null>(null);
  const erase = async () => {
    const result = await requestJson('DELETE', `/api/people/${personId}`, { name: typed });
    if (!result.ok) return setTrouble(result.message);
    toast('The record is erased');
    router.push('/people');
    router.refresh();
  };
  return (
    <section className="mt-8" aria-label="All that is held">
      <h2 className="mb-2 text-xl">All that is held</h2>
      <p>The record, its changes, classes, check-ins, marks, wrap-ups and incidents.</p>
      <div className="mt-2 flex flex-wrap gap-3">
        <a className={buttonClass()} href={`/api/people/${personId}/everything`} download={`${name}.json`}>
          Take it as a file
        </a>
        <Button aria-expanded={erasing} onClick={() => setErasing(!erasing)}>
          Erase
        </Button>
      </div>
      {erasing && (
        <Form
          className="mt-3 flex flex-wrap items-end gap-3"
          onSubmit={(event) => {
            event.preventDefault();
            void erase();
          }}
        >
          <Field
            label={`Type ${name} to erase everything, in the backups that are kept too`}
            className="w-full max-w-lg"
          >
            {(field) => (
              <input
                {...field}
                className={inputClass}
                value={typed}
                onChange={(e) => setTyped(e.target.value)}
              />
            )}
          </Field>
          <Button type="submit" look="danger">
            Erase for good
          </Button>
        </Form>
      )}
      <Trouble message={trouble} />
    </section>
  );
}
