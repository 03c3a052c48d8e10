'use client';

import { useEffect } from 'react';

/** A file that was dropped on one page and is looked at on another. */
let waiting: File | null = null;

export const putDropped = (file: File): void => {
  waiting = file;
};

/** Opens the file that waits, once, when the page that looks at files comes up. */
export function useDropped(open: (file: File) => void): void {
  useEffect(() => {
    const file = waiting;
    waiting = null;
    if (file) queueMicrotask(() => open(file));
    // Whatever the page is by then, the file is opened as it came up.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, []);
}
