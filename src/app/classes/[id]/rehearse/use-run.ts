'use client';

import { useCallback, useEffect, useRef, useState } from 'react';
import { scriptLength, type Beat } from '@/core/dose';
import {
  NO_VOICE,
  practiceOf,
  START,
  type Practice,
  type Tap,
  type TaughtRow,
  type TeachState,
} from '@/core/teach';
import { useCountSound } from '../teach/use-count-sound';
import { USUAL_COUNT_SETTINGS } from '@/ui/hooks/use-count-settings';

/** Time to get ready in, ms. */
const LEAD_IN_MS = 3_000;
/** The last number may come late, ms. */
const LATE_MS = 700;

const IDLE: TeachState = { ...START, phase: 'count' };
const RUNNING: TeachState = { ...IDLE, running: true, anchorMs: LEAD_IN_MS };
const NO_BEATS: readonly Beat[] = [];
const NO_ROWS: readonly TaughtRow[] = [];
const WITH_CLICKS = { ...USUAL_COUNT_SETTINGS, sound: 'clicks' as const };
const WITHOUT = { ...USUAL_COUNT_SETTINGS, sound: 'silent' as const };

/** One go at counting a row: its clock, its taps, and what they say at its end. */
export function useRun(
  row: TaughtRow | undefined,
  clicks: boolean,
  onResult: (result: Practice | null) => void,
) {
  const [startedAt, setStartedAt] = useState<number | null>(null);
  const [taps, setTaps] = useState(0);
  const tapped = useRef<Tap[]>([]);
  const running = startedAt !== null;
  const state = running ? RUNNING : IDLE;
  const now = useCallback(() => (startedAt === null ? 0 : performance.now() - startedAt), [startedAt]);
  const beats = row?.beats ?? NO_BEATS;
  const sound = useCountSound(
    state,
    NO_ROWS,
    beats,
    row?.voice ?? NO_VOICE,
    now,
    1,
    clicks ? WITH_CLICKS : WITHOUT,
  );

  const stop = useCallback(() => {
    onResult(practiceOf(beats, tapped.current));
    setStartedAt(null);
  }, [beats, onResult]);
  const tap = useCallback(
    (hand: Tap['hand']) => {
      tapped.current.push({ atMs: now() - LEAD_IN_MS, hand });
      setTaps(tapped.current.length);
    },
    [now],
  );
  useTapKeys(running, tap);
  useEffect(() => {
    if (!running) return;
    const timer = setTimeout(stop, LEAD_IN_MS + scriptLength(beats) + LATE_MS);
    return () => clearTimeout(timer);
  }, [running, beats, stop]);

  const start = () => {
    sound.wake();
    tapped.current = [];
    setTaps(0);
    onResult(null);
    setStartedAt(performance.now());
  };
  return { state, now, running, start, stop, tap, taps };
}

const HAND_BY_KEY: Readonly<Record<string, Tap['hand']>> = { ' ': null, f: 'L', j: 'R' };

function useTapKeys(active: boolean, onTap: (hand: Tap['hand']) => void): void {
  useEffect(() => {
    if (!active) return;
    const onKey = (event: KeyboardEvent) => {
      const key = event.key.toLowerCase();
      if (event.repeat || !Object.hasOwn(HAND_BY_KEY, key)) return;
      event.preventDefault();
      onTap(HAND_BY_KEY[key]!);
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  }, [active, onTap]);
}
