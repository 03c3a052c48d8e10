'use client';

import { usePathname } from 'next/navigation';
import { useEffect } from 'react';
import { requestJson } from '../request-json';

const LOOK_EVERY_MS = 15_000;
const NAME = 'oskil-used';

/** When any tab was last used, ms since 1970: a tab that rests does not lock one that is used. */
const lastUsed = (): number => Number(localStorage.getItem(NAME) ?? 0);
const used = (): void => {
  if (Date.now() - lastUsed() > 1_000) localStorage.setItem(NAME, String(Date.now()));
};

/** Nobody at any screen for so long: the lock closes and the screen is cleared. A class under way is use enough. */
export function IdleLock({ minutes }: { minutes: number }) {
  const path = usePathname();
  const isClass = path === '/room' || /^\/classes\/[^/]+\/teach$/.test(path);
  useEffect(() => {
    used();
    const events = ['pointerdown', 'pointermove', 'keydown', 'wheel'] as const;
    for (const event of events) window.addEventListener(event, used, { passive: true });
    const timer = setInterval(() => {
      if (isClass) return used();
      if (Date.now() - lastUsed() < minutes * 60_000) return;
      clearInterval(timer);
      void requestJson('POST', '/api/lock/close').then(() => window.location.assign('/lock'));
    }, LOOK_EVERY_MS);
    return () => {
      clearInterval(timer);
      for (const event of events) window.removeEventListener(event, used);
    };
  }, [minutes, isClass]);
  return null;
}
