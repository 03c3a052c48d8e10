'use client';

import { useEffect } from 'react';

/** Lets the browser keep the page that is shown when Oskil cannot be reached. */
export function OfflineShell() {
  useEffect(() => {
    // Without encryption a browser keeps none, except on this computer itself; Oskil works all the same.
    if ('serviceWorker' in navigator) void navigator.serviceWorker.register('/sw.js').catch(() => undefined);
  }, []);
  return null;
}
