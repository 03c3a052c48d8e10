import { useState } from 'react';
import type { Hand } from '@/core/dose';
import { amount } from '@/core/units';
import type { Readings } from './use-readings';

const TRIES = 3;
const HAND_WORDS: Record<Hand, string> = { L: 'Left hand', R: 'Right hand' };

/** Presses hand by hand, three each; the best of each is written down among the readings. */
export function usePresses(first: Hand, readings: Readings, from: 'typed' | 'simulated') {
  const [tries, setTries] = useState<Readonly<Record<Hand, readonly number[]>>>({ L: [], R: [] });
  const other: Hand = first === 'L' ? 'R' : 'L';
  const hand = tries[first].length <= tries[other].length ? first : other;
  const isDone = tries[hand].length >= TRIES;
  const add = (kg: number) => {
    if (isDone) return;
    readings.set({ kind: 'press', hand }, amount(Math.max(kg, ...tries[hand]), 'kg', readings.units), from);
    setTries({ ...tries, [hand]: [...tries[hand], kg] });
  };
  const words = isDone
    ? 'Both hands are done'
    : `${HAND_WORDS[hand]}, try ${tries[hand].length + 1} of ${TRIES}`;
  return { add, isDone, words };
}
