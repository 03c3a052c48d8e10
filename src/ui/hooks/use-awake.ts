'use client';

import { useEffect } from 'react';

/** The screen stays awake while something runs, where the browser allows it; asked again when the page comes back. */
export function useAwake(active: boolean): void {
  useEffect(() => {
    if (!active || !('wakeLock' in navigator)) return;
    let lock: WakeLockSentinel | null = null;
    let over = false;
    const ask = async () => {
      if (document.visibilityState !== 'visible') return;
      try {
        lock = await navigator.wakeLock.request('screen');
        if (over) await lock.release();
      } catch {
        // Refused, as on a low battery: the class goes on, the screen may dim.
      }
    };
    void ask();
    // One that was refused or let go is asked for again with the next tap.
    const askAgain = () => {
      if (lock === null || lock.released) void ask();
    };
    document.addEventListener('visibilitychange', ask);
    document.addEventListener('pointerdown', askAgain);
    return () => {
      over = true;
      document.removeEventListener('visibilitychange', ask);
      document.removeEventListener('pointerdown', askAgain);
      void lock?.release();
    };
  }, [active]);
}
