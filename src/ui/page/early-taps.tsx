'use client';

import { useLayoutEffect } from 'react';

declare global {
  interface Window {
    oskilEarlyTaps?: () => void;
  }
}

/** Last on the page, so that all of it listens by then: gives it the taps that came before. */
export function EarlyTaps() {
  useLayoutEffect(() => void window.oskilEarlyTaps?.(), []);
  return null;
}
