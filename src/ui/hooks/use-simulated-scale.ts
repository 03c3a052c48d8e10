'use client';

import { useEffect, useRef, useState } from 'react';
import { simulatedKg, type ScalePush, type ScaleReading } from '@/core/load';

const EVERY_MS = 100;
/** How long a press is read, from the empty scale on. */
export const PRESS_MS = 8_000;

/** A bathroom scale that is not there: its readings as they would come, and all of them at the end. */
export function useSimulatedScale(rate = 1) {
  const [readings, setReadings] = useState<readonly ScaleReading[]>([]);
  const timer = useRef<ReturnType<typeof setInterval> | null>(null);
  const [running, setRunning] = useState(false);
  const stop = () => {
    if (timer.current) clearInterval(timer.current);
    timer.current = null;
  };
  useEffect(() => stop, []);

  const press = (what: ScalePush, onEnd: (readings: readonly ScaleReading[]) => void = () => {}) => {
    stop();
    let all: readonly ScaleReading[] = [];
    setReadings(all);
    setRunning(true);
    timer.current = setInterval(() => {
      const atMs = (all.length + 1) * EVERY_MS;
      all = [...all, { atMs, kg: simulatedKg(what, atMs) }];
      setReadings(all);
      if (atMs < PRESS_MS) return;
      stop();
      setRunning(false);
      onEnd(all);
    }, EVERY_MS / rate);
  };
  return { readings, reading: readings.at(-1) ?? null, running, press };
}
