import { Link } from '@/ui/page/link';
import type { PersonResults } from '@/server/measures/results';

const WORDS = {
  usual: 'a usual day',
  'lighter day': 'weaker than usual: a lighter day',
  'rest and glide': 'much weaker than usual: rest and glides only',
  'not known': 'not enough earlier squeezes to tell',
} as const;

/** Today's squeeze against the person's own of late. */
export function ReadyToday({ ready, personId }: { ready: PersonResults['ready']; personId: string }) {
  return (
    <section aria-label="Ready today" className="mb-5">
      <h2 className="text-xl">Today</h2>
      {ready.length === 0 ? (
        <p>
          No squeeze today.{' '}
          <Link className="underline underline-offset-4" href={`/people/${personId}/measure`}>
            A quick squeeze
          </Link>{' '}
          tells a usual day from a lighter one.
        </p>
      ) : (
        ready.map(({ hand, is }) => (
          <p key={hand}>
            {hand === 'L' ? 'Left' : 'Right'} hand: {WORDS[is.kind]}
            {is.medianKg !== null && ` (lately ${is.medianKg.toFixed(1)} kg)`}.
          </p>
        ))
      )}
    </section>
  );
}
