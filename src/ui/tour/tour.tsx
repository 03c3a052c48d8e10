'use client';

import { useRouter } from 'next/navigation';
import { useEffect } from 'react';
import { Button } from '../form/button';
import { setTour, useTour } from './tour-state';
import { TOUR } from './tour-steps';

/** The place of the tour one is at, over whatever page that is; it can be left at any moment, with Escape too. */
export function Tour() {
  const place = useTour();
  const router = useRouter();
  useEffect(() => {
    if (!place) return;
    const onKey = (event: KeyboardEvent) => {
      // What lies over the page is closed first.
      if (event.key === 'Escape' && !document.querySelector('[role="dialog"]')) setTour(null);
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  }, [place]);
  if (!place) return null;
  const { step, classId } = place;
  const { title, words } = TOUR[step]!;
  const go = (to: number) => {
    setTour({ step: to, classId });
    router.push(TOUR[to]!.href(classId));
  };
  const next = TOUR[step + 1];
  return (
    <aside
      aria-label="Tour"
      className="no-print fixed bottom-3 left-3 z-40 w-[26rem] max-w-[calc(100vw-1.5rem)] rounded-2xl border-2 border-ink bg-paper p-4 shadow-lg"
    >
      <div aria-live="polite">
        <p className="text-sm text-soft">
          {step + 1} of {TOUR.length}
        </p>
        <h2 className="text-xl">{title}</h2>
        <p className="mt-1">{words}</p>
      </div>
      <div className="mt-3 flex flex-wrap gap-3">
        {next ? (
          <Button look="main" onClick={() => go(step + 1)}>
            On to: {next.title.toLowerCase()}
          </Button>
        ) : (
          <Button look="main" onClick={() => setTour(null)}>
            That is all
          </Button>
        )}
        {step > 0 && <Button onClick={() => go(step - 1)}>Back a step</Button>}
        {next && (
          <Button look="quiet" onClick={() => setTour(null)}>
            Leave the tour
          </Button>
        )}
      </div>
    </aside>
  );
}
