'use client';

import { Link } from '@/ui/page/link';
import { useRouter } from 'next/navigation';
import { useRef, useState } from 'react';
import { fullName, type Person } from '@/core/people';
import type { ClassInfo } from '@/store/classes';
import type { PersonName } from '@/store/people';
import { Button, buttonClass } from '@/ui/form/button';
import { requestJson } from '@/ui/request-json';
import { Field, inputClass, Trouble } from '@/ui/form/field';
import { toggled } from '@/ui/form/toggled';

type Props = { info: ClassInfo; people: readonly Person[]; everyone: readonly PersonName[] };

/** Who is expected and who helps; kept as one ticks. */
export function RosterPanel({ info, people, everyone }: Props) {
  const [chosen, setChosen] = useState<ReadonlySet<string>>(() => new Set(people.map((p) => p.id)));
  const [helpers, setHelpers] = useState(info.helpers.join(', '));
  const { keep, trouble, state } = useKeeping(info.id);
  const here = (ids: ReadonlySet<string>) => everyone.map((p) => p.id).filter((id) => ids.has(id));
  const choose = (ids: ReadonlySet<string>) => {
    setChosen(ids);
    keep({ personIds: here(ids), helpers: named(helpers) });
  };
  return (
    <section aria-label="People expected" className="mt-3">
      {everyone.length === 0 ? (
        <p>
          Nobody is on the list yet.{' '}
          <Link className="underline underline-offset-4" href="/people/list">
            Write the list
          </Link>
        </p>
      ) : (
        <>
          <div className="mr-10 flex flex-wrap gap-2">
            <Button onClick={() => choose(new Set(everyone.map((p) => p.id)))}>Everyone</Button>
            <Button look="quiet" onClick={() => choose(new Set())}>
              Nobody
            </Button>
          </div>
          <ul className="mt-2 grid grid-cols-[repeat(auto-fill,minmax(11rem,1fr))] gap-x-4">
            {everyone.map((person) => (
              <li key={person.id}>
                <label className="flex min-h-11 items-center gap-3">
                  <input
                    type="checkbox"
                    className="size-6 accent-ink"
                    checked={chosen.has(person.id)}
                    onChange={() => choose(toggled(chosen, person.id))}
                  />
                  {fullName(person)}
                </label>
              </li>
            ))}
          </ul>
        </>
      )}
      <Field label="Helpers, with commas between" className="mt-3 max-w-md">
        {(field) => (
          <input
            {...field}
            className={inputClass}
            value={helpers}
            onChange={(e) => setHelpers(e.target.value)}
            onBlur={() =>
              helpers !== info.helpers.join(', ') &&
              keep({ personIds: here(chosen), helpers: named(helpers) })
            }
          />
        )}
      </Field>
      <div className="mt-3 flex flex-wrap items-center gap-4">
        <p aria-live="polite" className="text-sm text-soft">
          {state}
        </p>
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

const named = (text: string): readonly string[] =>
  text
    .split(',')
    .map((h) => h.trim())
    .filter(Boolean);

type Roster = { readonly personIds: readonly string[]; readonly helpers: readonly string[] };

/** One after another, so that the last tick is what stays; the plan follows once nothing waits. */
function useKeeping(classId: string) {
  const router = useRouter();
  const [trouble, setTrouble] = useState<string | null>(null);
  const [state, setState] = useState('');
  const waiting = useRef<Roster | null>(null);
  const busy = useRef(false);
  const keep = async (roster: Roster) => {
    waiting.current = roster;
    if (busy.current) return;
    busy.current = true;
    setState('Saving who comes');
    for (let next: Roster | null = roster; next; next = waiting.current) {
      waiting.current = null;
      const result = await requestJson('PUT', `/api/classes/${classId}/roster`, next);
      setTrouble(result.ok ? null : result.message);
      setState(result.ok ? 'Saved: who comes' : '');
    }
    busy.current = false;
    router.refresh();
  };
  return { keep: (roster: Roster) => void keep(roster), trouble, state };
}
