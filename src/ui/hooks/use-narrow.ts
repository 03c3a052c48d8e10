'use client';

import { useSyncExternalStore } from 'react';

/** Below this a wide table cannot be read. */
const NARROW = '(max-width: 1099px)';

const watch = (changed: () => void) => {
  const media = window.matchMedia(NARROW);
  media.addEventListener('change', changed);
  return () => media.removeEventListener('change', changed);
};

/** Whether the screen is an upright tablet or a phone, also when it is turned. */
export const useNarrow = (): boolean =>
  useSyncExternalStore(
    watch,
    () => window.matchMedia(NARROW).matches,
    () => false,
  );
