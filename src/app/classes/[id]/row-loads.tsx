import type { Movement } from '@/core/catalogue/movement';
import { loadsOfRow } from '@/core/load/person-load';
import { fullName, type Person } from '@/core/people/person';
import type { Verdict } from '@/core/screening/verdict';

type Props = {
  movement: Movement;
  people: readonly Person[];
  verdicts: ReadonlyMap<string, Verdict> | undefined;
};

const HANDS = { both: '', L: ', left alone', R: ', right alone' } as const;

/** What each wrist bears in a loading row, person by person. */
export function RowLoads({ movement, people, verdicts }: Props) {
  const loads = loadsOfRow(movement, people, (id) => verdicts?.get(id) ?? null);
  if (loads.length === 0) return null;
  const guessed = loads.some((l) => !l.known);
  return (
    <section aria-label="Kilograms on each wrist">
      <h2 className="text-lg">Kilograms on each wrist</h2>
      <ul className="tabular grid max-w-4xl gap-x-8 sm:grid-cols-2">
        {loads.map(({ person, hands, fromKg, toKg, known, rung, rungs }) => (
          <li key={person.id} className="flex justify-between gap-3 border-b border-line py-1">
            <span>{fullName(person)}</span>
            <span>
              {fromKg.toFixed(1)} to {toKg.toFixed(1)} kg
              {HANDS[hands]}
              {known ? `, rung ${rung} of ${rungs}` : ', height or mass not known'}
            </span>
          </li>
        ))}
      </ul>
      <p className="mt-1 text-sm text-soft">
        Worked out for average bodies standing still, both hands alike; one hand alone may take up to what
        both would
        {guessed && '; where height or mass is not known, for people of 45 to 95 kg'}. It clears nobody.
      </p>
    </section>
  );
}
