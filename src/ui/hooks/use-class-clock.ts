'use client';

import { useCallback, useRef } from 'react';
import { classTimeAtOpening } from '@/core/teach';

/**
 * Time since the class began, `rate` times as fast, and no earlier than what was seen of it. Steady once the page is open,
 * whatever happens to the wall clock; where the page's own clock is put back, it goes on from where it was.
 */
export function useClassClock(startedAtMs: number, rate: number, seenMs = 0): () => number {
  const from = useRef<{ classMs: number; pageMs: number; lastMs: number } | null>(null);
  return useCallback(() => {
    const pageMs = performance.now();
    from.current ??= {
      classMs: classTimeAtOpening(startedAtMs, Date.now(), rate, seenMs),
      pageMs,
      lastMs: pageMs,
    };
    const was = from.current;
    if (pageMs < was.lastMs)
      from.current = { classMs: was.classMs + (was.lastMs - was.pageMs) * rate, pageMs, lastMs: pageMs };
    from.current.lastMs = pageMs;
    return from.current.classMs + (pageMs - from.current.pageMs) * rate;
  }, [startedAtMs, rate, seenMs]);
}
