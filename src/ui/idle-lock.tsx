'use client';

import { usePathname } from 'next/navigation';
import { useEffect } from 'react';
import { call } from './call';

const LOOK_EVERY_MS = 15_000;

/** Nobody at the screen for so long: the lock closes and the screen is cleared. Not while a class has it. */
export function IdleLock({ minutes }: { minutes: number }) {
  const path = usePathname();
  const isClass = path === '/room' || /^\/classes\/[^/]+\/teach$/.test(path);
  useEffect(() => {
    if (isClass) return;
    let last = Date.now();
    const used = () => {
      last = Date.now();
    };
    const events = ['pointerdown', 'pointermove', 'keydown', 'wheel'] as const;
    for (const event of events) window.addEventListener(event, used, { passive: true });
    const timer = setInterval(() => {
      if (Date.now() - last < minutes * 60_000) return;
      clearInterval(timer);
      void call('POST', '/api/lock/close').then(() => window.location.assign('/lock'));
    }, LOOK_EVERY_MS);
    return () => {
      clearInterval(timer);
      for (const event of events) window.removeEventListener(event, used);
    };
  }, [minutes, isClass]);
  return null;
}
