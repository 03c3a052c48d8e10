'use client';

import { useCallback, useRef } from 'react';
import { classTimeAtOpening } from '@/core/teach';

/**
 * Time since the class began, `rate` times as fast, and no earlier than what was seen of it. Steady once the page is open,
 * whatever happens to the wall clock.
 */
export function useClassClock(startedAtMs: number, rate: number, seenMs = 0): () => number {
  const opened = useRef<{ classMs: number; pageMs: number } | null>(null);
  return useCallback(() => {
    opened.current ??= {
      classMs: classTimeAtOpening(startedAtMs, Date.now(), rate, seenMs),
      pageMs: performance.now(),
    };
    const { classMs, pageMs } = opened.current;
    return classMs + (performance.now() - pageMs) * rate;
  }, [startedAtMs, rate, seenMs]);
}
