'use client';

import { useSyncExternalStore } from 'react';

/** What a media query says, also when the screen is turned. */
function mediaHook(query: string): () => boolean {
  const watch = (changed: () => void) => {
    const media = window.matchMedia(query);
    media.addEventListener('change', changed);
    return () => media.removeEventListener('change', changed);
  };
  const matches = () => window.matchMedia(query).matches;
  return () => useSyncExternalStore(watch, matches, () => false);
}

/** Whether the screen is an upright tablet or a phone, on which a wide table cannot be read. */
export const useNarrow = mediaHook('(max-width: 1099px)');

/** Whether it is a phone held upright, on which not even a few columns can. */
export const usePhone = mediaHook('(max-width: 639px)');
