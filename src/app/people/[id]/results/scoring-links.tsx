import { Link } from '@/ui/page/link';
import type { Scoring } from '@/core/measure';

const CHOICES = [
  ['best', 'best of all tries', ''],
  ['mean of three', 'mean of three', '?score=mean'],
] as const;

/** Grip by one school or the other; all tries are kept. */
export function ScoringLinks({ personId, scoring }: { personId: string; scoring: Scoring }) {
  return (
    <p className="flex flex-wrap items-center gap-4">
      Grip is scored by:
      {CHOICES.map(([id, words, query]) => (
        <Link
          key={id}
          href={`/people/${personId}/results${query}`}
          aria-current={id === scoring ? 'true' : undefined}
          className={`inline-flex min-h-11 items-center ${id === scoring ? 'font-bold' : 'underline underline-offset-4'}`}
        >
          {words}
        </Link>
      ))}
    </p>
  );
}
