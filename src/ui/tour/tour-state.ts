'use client';

import { useSyncExternalStore } from 'react';
import { TOUR } from './tour-steps';

/** Where in the tour this browser is, and round which class. */
export type TourPlace = { readonly step: number; readonly classId: string };

const KEY = 'oskil-tour';
const listeners = new Set<() => void>();
let known: { text: string | null; place: TourPlace | null } = { text: null, place: null };

export function setTour(place: TourPlace | null): void {
  if (place) sessionStorage.setItem(KEY, JSON.stringify(place));
  else sessionStorage.removeItem(KEY);
  for (const listener of listeners) listener();
}

function placeNow(): TourPlace | null {
  const text = sessionStorage.getItem(KEY);
  if (text !== known.text) known = { text, place: text === null ? null : read(text) };
  return known.place;
}

/** Null for what is no place in the tour. */
function read(text: string): TourPlace | null {
  try {
    const { step, classId } = JSON.parse(text) as Partial<TourPlace>;
    return typeof step === 'number' && TOUR[step] && typeof classId === 'string' ? { step, classId } : null;
  } catch {
    return null;
  }
}

function subscribe(listener: () => void): () => void {
  listeners.add(listener);
  return () => listeners.delete(listener);
}

/** For as long as the window is open; null where no tour is under way. */
export const useTour = (): TourPlace | null => useSyncExternalStore(subscribe, placeNow, () => null);
