'use client';

import { useEffect, useState } from 'react';

const EVERY_MS = 100;

/** Draw again ten times a second while something depends on the clock. */
export function useRedraw(active: boolean): void {
  const [, tick] = useState(0);
  useEffect(() => {
    if (!active) return;
    const timer = setInterval(() => tick((n) => n + 1), EVERY_MS);
    return () => clearInterval(timer);
  }, [active]);
}
