import { fullName, type Person } from '@/core/people';
import type { StoredIncident } from '@/store/incidents';

type Props = { incidents: readonly StoredIncident[]; people: readonly Person[] };

/** What was recorded while teaching: time, who, what was seen, what happened, what was done. */
export function Incidents({ incidents, people }: Props) {
  if (incidents.length === 0) return null;
  const nameOf = (id: string | null) => {
    const person = people.find((p) => p.id === id);
    return person ? fullName(person) : 'Somebody not on the list';
  };
  return (
    <section className="mt-8">
      <h2 className="text-xl">What happened</h2>
      <ul className="mt-2 grid gap-2">
        {incidents.map((i) => (
          <li key={i.id} className="border-b py-2">
            <strong>
              {i.at}, {nameOf(i.personId)}: {i.sign}.
            </strong>{' '}
            {i.what} {i.done && `Done: ${i.done}`}
          </li>
        ))}
      </ul>
    </section>
  );
}
