'use client';

import { useCallback, useMemo, useRef, useState } from 'react';
import { FIGURES } from '@/catalogue/figures/figures';
import { CATALOGUE } from '@/catalogue/movements';
import { scriptOf } from '@/core/dose/script';
import { previewAt } from '@/core/hand/showing';
import { Button } from '@/ui/button';
import { Hands } from '@/ui/hands';
import { useFrame } from '@/ui/use-frame';

/** The movement at its own tempo, over and over; it can be held still. */
export function MovingHands({ movementId }: { movementId: string }) {
  const [moving, setMoving] = useState(true);
  const since = useRef<number | null>(null);
  const movement = CATALOGUE.movement(movementId);
  const beats = useMemo(
    () => (movement ? scriptOf(movement.dose, { breathMs: 5_000, isNew: false }) : []),
    [movement],
  );
  const read = useCallback(() => {
    if (typeof window === 'undefined') return 0;
    since.current ??= performance.now();
    return performance.now() - since.current;
  }, []);
  const offset = useFrame(read, moving);
  const figure = FIGURES[movementId];
  if (!figure || !movement) return null;
  return (
    <div className="grid content-start justify-items-center gap-3">
      <div className="aspect-[392/314] w-full">
        <Hands
          figure={figure}
          showing={previewAt(beats, offset)}
          label={`Two hands: ${movement.name.toLowerCase()}`}
        />
      </div>
      <Button onClick={() => setMoving(!moving)}>{moving ? 'Hold still' : 'Move'}</Button>
    </div>
  );
}
