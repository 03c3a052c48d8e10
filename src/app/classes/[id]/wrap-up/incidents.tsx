import { fullName, type Person } from '@/core/people';
import { Link } from '@/ui/page/link';
import { buttonClass } from '@/ui/form/button';
import { longDay } from '@/ui/words/dates';
import { ImpliedState } from '../implied-state';
import type { StoredIncident } from '@/store/incidents';

type Props = {
  classId: string;
  incidents: readonly StoredIncident[];
  people: readonly Person[];
  /** The class after this one, where there is one. */
  next: { readonly id: string; readonly day: string } | null;
};

/** What was recorded while teaching: time, who, what was seen, what happened, what was done. */
export function Incidents({ classId, incidents, people, next }: Props) {
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
            {i.what} {i.done && `Done: ${i.done}`}{' '}
            {i.called && (i.called === 'nobody' ? 'Nobody was called.' : `Called: ${i.called}.`)}
            <ImpliedState classId={classId} incident={i} people={people} />
          </li>
        ))}
      </ul>
      {next && (
        <Link className={`${buttonClass()} mt-3`} href={`/classes/${next.id}`}>
          Look at the next class, {longDay(next.day)}
        </Link>
      )}
    </section>
  );
}
