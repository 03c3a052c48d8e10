'use client';

import { useEffect, useLayoutEffect } from 'react';

declare global {
  interface Window {
    oskilEarly?: { readonly taps: () => void; readonly keys: () => void };
  }
}

/** Last on the page, so that all of it listens by then: gives it the taps and keys that came before. */
export function EarlyTaps() {
  useLayoutEffect(() => window.oskilEarly?.taps(), []);
  useEffect(() => window.oskilEarly?.keys(), []);
  return null;
}
