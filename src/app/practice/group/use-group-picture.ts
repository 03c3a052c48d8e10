'use client';

import { useEffect, useMemo, useRef, useState, type RefObject } from 'react';
import type { PracticeOf } from '@/catalogue/practice-facts';
import { seatsOf, type Course, type Seat, type Turn } from '@/core/practice';
import { inkColours } from '@/ui/hand/ink';
import { isStill } from '@/ui/hooks/each-frame';
import type { PictureClock, PictureMessage, PictureNow, PictureReply } from '@/workers/group-worker';
import type { Size } from './use-size';

/** What is to be drawn, asked anew again and again. */
export type Shown = {
  readonly turns: readonly Turn[];
  readonly seen: Pick<Course, 'slips' | 'forms'>;
  readonly clock: PictureClock;
};

/** The worker is told so often how things stand, ms; between two of them it goes on by itself. */
const TELL_EVERY_MS = 250;
const LOOKS_EVERY_MS = 2_000;
/** Sharp enough, and no more to paint than that. */
const SHARPEST = 2;

/** Where the canvas is put, and where on it each sits. */
type GroupPicture = {
  readonly holder: RefObject<HTMLDivElement | null>;
  readonly seats: readonly Seat[];
  /** This browser lets a worker paint; where it does not, what they do is told in words. */
  readonly isDrawn: boolean;
};

/** The made-up people on a canvas that a worker paints, so that the count and the keys are never kept waiting for them. */
export function useGroupPicture(of: PracticeOf, size: Size, shown: () => Shown): GroupPicture {
  const [aspect, setAspect] = useState(1);
  const [isDrawn, setDrawn] = useState(true);
  const holder = useRef<HTMLDivElement>(null);
  const asked = useRef({ size, shown });
  useEffect(() => {
    asked.current = { size, shown };
  });
  useEffect(() => {
    const place = holder.current;
    if (!place) return;
    const canvas = document.createElement('canvas');
    canvas.className = 'size-full';
    if (!('transferControlToOffscreen' in canvas)) return setDrawn(false);
    place.append(canvas);
    const worker = new Worker(new URL('../../../workers/group-worker.ts', import.meta.url), {
      type: 'module',
    });
    const offscreen = canvas.transferControlToOffscreen();
    worker.postMessage({ kind: 'begin', canvas: offscreen, of } satisfies PictureMessage, [offscreen]);
    worker.onmessage = ({ data }: MessageEvent<PictureReply>) => setAspect(data.aspect);
    let looks = looksNow();
    const tell = () => {
      const { size: now, shown: show } = asked.current;
      if (now.w === 0 || now.h === 0) return;
      const picture = { ...show(), ...looks, width: now.w, height: now.h };
      worker.postMessage({ kind: 'now', now: picture } satisfies PictureMessage);
    };
    // Light may become dark while people are drawn.
    const again = setInterval(() => (looks = looksNow()), LOOKS_EVERY_MS);
    tell();
    const timer = setInterval(tell, TELL_EVERY_MS);
    return () => {
      clearInterval(timer);
      clearInterval(again);
      worker.terminate();
      canvas.remove();
    };
  }, [of]);
  const seats = useMemo(() => seatsOf(of.group.length, size.w, size.h, aspect), [of, size, aspect]);
  return { holder, seats, isDrawn };
}

const looksNow = (): Pick<PictureNow, 'sharp' | 'colours' | 'still'> => ({
  sharp: Math.min(SHARPEST, window.devicePixelRatio || 1),
  colours: inkColours(),
  still: isStill(),
});

/** A moment of the page as every thread of it counts. */
export const epochNow = (): number => performance.timeOrigin + performance.now();
