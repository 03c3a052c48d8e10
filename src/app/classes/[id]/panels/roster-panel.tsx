'use client';

import { Link } from '@/ui/page/link';
import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { toast } from 'sonner';
import { fullName, type Person } from '@/core/people';
import type { ClassInfo } from '@/store/classes';
import { Button, buttonClass } from '@/ui/form/button';
import { requestJson } from '@/ui/request-json';
import { Field, inputClass, Trouble } from '@/ui/form/field';
import { toggled } from '@/ui/form/toggled';

type Props = { info: ClassInfo; people: readonly Person[]; everyone: readonly Person[] };

/** Who is expected and who helps. */
export function RosterPanel({ info, people, everyone }: Props) {
  const router = useRouter();
  const [chosen, setChosen] = useState<ReadonlySet<string>>(() => new Set(people.map((p) => p.id)));
  const [helpers, setHelpers] = useState(info.helpers.join(', '));
  const [trouble, setTrouble] = useState<string | null>(null);
  const save = async () => {
    const body = {
      personIds: [...chosen].filter((id) => everyone.some((p) => p.id === id)),
      helpers: helpers
        .split(',')
        .map((h) => h.trim())
        .filter(Boolean),
    };
    const result = await requestJson('PUT', `/api/classes/${info.id}/roster`, body);
    setTrouble(result.ok ? null : result.message);
    if (!result.ok) return;
    toast('The people expected are saved');
    router.refresh();
  };
  return (
    <section aria-label="People expected" className="mt-3">
      {everyone.length === 0 ? (
        <p>
          Nobody is on the list yet.{' '}
          <a className="underline underline-offset-4" href="/people/new">
            Add a person
          </a>
        </p>
      ) : (
        <ul className="grid grid-cols-[repeat(auto-fill,minmax(11rem,1fr))] gap-x-4">
          {everyone.map((person) => (
            <li key={person.id}>
              <label className="flex min-h-11 items-center gap-3">
                <input
                  type="checkbox"
                  className="size-6 accent-ink"
                  checked={chosen.has(person.id)}
                  onChange={() => setChosen(toggled(chosen, person.id))}
                />
                {fullName(person)}
              </label>
            </li>
          ))}
        </ul>
      )}
      <Field label="Helpers, with commas between" className="mt-3 max-w-md">
        {(field) => (
          <input
            {...field}
            className={inputClass}
            value={helpers}
            onChange={(e) => setHelpers(e.target.value)}
          />
        )}
      </Field>
      <div className="mt-3 flex flex-wrap items-center gap-4">
        <Button look="main" onClick={save}>
          Save who comes
        </Button>
        {people.length > 0 && (
          <Link className={buttonClass()} href={`/classes/${info.id}/measuring`}>
            Measure everyone
          </Link>
        )}
        <Trouble message={trouble} />
      </div>
    </section>
  );
}
