'use client';

import { useRouter } from 'next/navigation';
import type { TakenAway } from '@/store/taken-away';
import { Button } from '@/ui/form/button';
import { putBackAndTell } from '@/ui/taken-toast';
import { dayWithYear } from '@/ui/words/dates';

/** Classes that were taken away and can still be put back. */
export function TakenAwayList({ taken }: { taken: readonly TakenAway[] }) {
  const router = useRouter();
  if (taken.length === 0) return null;
  return (
    <section aria-label="Taken away" className="mt-10 max-w-3xl">
      <h2 className="text-xl">Taken away</h2>
      <ul className="mt-2">
        {taken.map((t) => (
          <li key={t.id} className="flex flex-wrap items-center gap-x-4 gap-y-1 border-b border-line py-1">
            <span className="flex-1">
              <strong>{t.name}</strong>
              {t.day ? `, ${dayWithYear(t.day)}` : ', the whole series'}
            </span>
            <span className="text-soft">until {dayWithYear(t.until)}</span>
            <Button
              aria-label={`Put ${t.name} back`}
              onClick={() => void putBackAndTell(t.id, t.name, () => router.refresh())}
            >
              Put back
            </Button>
          </li>
        ))}
      </ul>
    </section>
  );
}
