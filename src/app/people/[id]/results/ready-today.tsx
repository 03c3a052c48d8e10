'use client';

import { Link } from '@/ui/page/link';
import type { PersonResults } from '@/server/measures/results';
import { amount, amountText } from '@/core/units';
import { useUnits } from '@/ui/units';
import { WorkedOut } from '@/ui/page/worked-out';

const WORDS = {
  usual: 'a usual day',
  'lighter day': 'weaker than usual: a lighter day',
  'rest and glide': 'much weaker than usual: rest and glides only',
  'not known': 'not enough earlier squeezes to tell',
} as const;

/** Today's squeeze against the person's own of late. */
export function ReadyToday({ ready, personId }: { ready: PersonResults['ready']; personId: string }) {
  const units = useUnits();
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
            {is.medianKg !== null &&
              ` (lately ${amountText(is.medianKg, 'kg', units)}, give or take ${amount(is.spreadKg!, 'kg', units)})`}
            .
          </p>
        ))
      )}
      {ready.some((r) => r.is.kind !== 'not known') && (
        <p className="text-sm text-soft">
          Against the median of up to eight earlier days: over two spreads under it is a lighter day, over
          four a day to rest. Of ordinary days at most one in ten is called lighter, and one in fifty a day to
          rest. <WorkedOut id="readiness" />
        </p>
      )}
    </section>
  );
}
