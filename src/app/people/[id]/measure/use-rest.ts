'use client';

import { useCallback, useEffect, useMemo, useState } from 'react';
import type { Hand } from '@/core/dose';

/** The rest of each hand after a squeeze; what is left of it for the hand whose turn it is, ms. */
export function useRest(hand: Hand | null, lengthMs: number) {
  const [until, setUntil] = useState<Readonly<Record<Hand, number>>>({ L: 0, R: 0 });
  const [now, setNow] = useState(0);
  const leftMs = hand ? Math.max(0, until[hand] - now) : 0;
  const resting = until.L > now || until.R > now;
  useEffect(() => {
    if (!resting) return;
    const timer = setInterval(() => setNow(performance.now()), 100);
    return () => clearInterval(timer);
  }, [resting]);
  const begin = useCallback(
    (rested: Hand) => {
      const at = performance.now();
      setNow(at);
      setUntil((before) => ({ ...before, [rested]: at + lengthMs }));
    },
    [lengthMs],
  );
  const end = useCallback(() => setUntil({ L: 0, R: 0 }), []);
  return useMemo(() => ({ leftMs, begin, end }), [leftMs, begin, end]);
}
