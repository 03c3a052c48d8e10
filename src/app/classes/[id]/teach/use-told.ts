'use client';

import { useCallback, useEffect, useRef, useState } from 'react';
import { UNDO_MS } from '@/core/teach';

/** What was done last, in words, and whether it can be taken back. */
export type Told = { readonly words: string; readonly undo: boolean };

/** What was done last, for as long as it can be taken back. */
export function useTold() {
  const [told, setTold] = useState<Told | null>(null);
  const timer = useRef<ReturnType<typeof setTimeout> | null>(null);
  const tell = useCallback((words: string, undo = false) => {
    if (timer.current) clearTimeout(timer.current);
    setTold({ words, undo });
    timer.current = setTimeout(() => setTold(null), UNDO_MS);
  }, []);
  const hush = useCallback(() => setTold(null), []);
  useEffect(
    () => () => {
      if (timer.current) clearTimeout(timer.current);
    },
    [],
  );
  return { told, tell, hush };
}
