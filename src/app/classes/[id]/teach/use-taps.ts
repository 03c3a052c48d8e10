'use client';

import { useRef } from 'react';
import { beatAtTime, beatsOf, offsetAtTime, tappedBpm } from '@/core/teach';
import type { Teaching } from './use-teaching';

/** A pause this long begins the tapping anew, ms. */
const FORGOTTEN_MS = 4_000;

/** Four taps in step set the tempo of what is counted in repetitions. */
export function useTaps({ rows, state, now, pace }: Teaching, tell: (words: string) => void): () => void {
  const taps = useRef<number[]>([]);
  return () => {
    const at = now();
    if (at - (taps.current.at(-1) ?? -Infinity) > FORGOTTEN_MS) taps.current = [];
    taps.current.push(at);
    const bpm = tappedBpm(taps.current);
    if (!bpm) return;
    taps.current = [];
    const beat = beatAtTime(beatsOf(rows, state), offsetAtTime(state, at));
    if (beat?.kind !== 'rep' && beat?.kind !== 'step') {
      tell('Only what is counted in repetitions has a tempo to tap.');
      return;
    }
    pace(60_000 / bpm / beat.durationMs);
    tell(`One every ${(60 / bpm).toFixed(1)} s`);
  };
}
