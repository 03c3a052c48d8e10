'use client';

import { useCallback, useRef } from 'react';

/** Time since the class began, `rate` times as fast; steady once the page is open. */
export function useClassClock(startedAtMs: number, rate: number): () => number {
  const opened = useRef({ epochMs: Date.now(), pageMs: performance.now() });
  return useCallback(() => {
    const { epochMs, pageMs } = opened.current;
    return Math.max(0, (epochMs + performance.now() - pageMs - startedAtMs) * rate);
  }, [startedAtMs, rate]);
}
