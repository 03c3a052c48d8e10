'use client';

import { useEffect, useRef } from 'react';

/** Something to do once when the class is done and stored. */
export function useWhenDone(done: boolean, onDone: () => void): void {
  const latest = useRef(onDone);
  useEffect(() => {
    latest.current = onDone;
  });
  useEffect(() => {
    if (done) latest.current();
  }, [done]);
}
