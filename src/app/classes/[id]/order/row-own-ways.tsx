import { fullName, type Person } from '@/core/people';
import type { Verdict } from '@/core/screening';
import { HandsMark } from '@/ui/verdict-signs';
import { sentence } from '../weave/weave-head';

type Props = { people: readonly Person[]; verdicts: ReadonlyMap<string, Verdict> | undefined };

/** Who does a row in their own way, and how. */
export function RowOwnWays({ people, verdicts }: Props) {
  const adapted = people.flatMap((person) => {
    const verdict = verdicts?.get(person.id);
    return verdict && verdict.worst !== 'do' ? [{ person, verdict }] : [];
  });
  if (adapted.length === 0) return null;
  return (
    <div>
      <h2 className="text-lg">Their own way</h2>
      <ul className="grid gap-1">
        {adapted.map(({ person, verdict }) => (
          <li key={person.id} className="flex gap-2">
            <span className="w-8 shrink-0">
              <HandsMark verdict={verdict} />
            </span>
            <span>
              <strong>{fullName(person)}.</strong>{' '}
              {sentence(verdict.L) === sentence(verdict.R)
                ? sentence(verdict.L)
                : [
                    verdict.L.kind !== 'do' && `Left: ${sentence(verdict.L)}`,
                    verdict.R.kind !== 'do' && `Right: ${sentence(verdict.R)}`,
                  ]
                    .filter(Boolean)
                    .join(' ')}
            </span>
          </li>
        ))}
      </ul>
    </div>
  );
}
