'use client';

import { useCallback, useEffect, useRef, useState } from 'react';
import { seenFrom } from '@/core/practice';
import { fullName } from '@/core/people';
import { clockText } from '@/core/words';
import { Button } from '@/ui/form/button';
import type { PracticeDone, PracticeRun } from './group-desk';
import { epochNow, useGroupPicture, type Shown } from './use-group-picture';
import { useSize } from './use-size';

type Props = {
  run: PracticeRun;
  done: PracticeDone;
  personId: string;
  atMs: number;
  words: string;
  onClose: () => void;
};

/** A moment is seen from a little before it to a little after, over and over, ms. */
const [BEFORE_MS, AFTER_MS] = [2_500, 6_000];

/** A moment of the class as it was: the class at any time is a function of its seed and of what was done. */
export function MomentAgain({ run, done, personId, atMs, words, onClose }: Props) {
  const { cls } = run;
  const fromMs = Math.max(0, atMs - BEFORE_MS);
  const [begunMs] = useState(epochNow);
  const shown = useCallback(
    (): Shown => ({
      turns: done.log.turns.filter(
        (t, i, all) => t.atMs <= atMs + AFTER_MS && (all[i + 1]?.atMs ?? Infinity) > fromMs,
      ),
      seen: seenFrom(done.course, fromMs),
      clock: { fromMs, atEpochMs: begunMs, rate: 1, roundMs: BEFORE_MS + AFTER_MS },
    }),
    [done, atMs, fromMs, begunMs],
  );
  const room = useRef<HTMLDivElement>(null);
  const top = useRef<HTMLElement>(null);
  const size = useSize(room);
  const { holder, seats } = useGroupPicture(run.of, size, shown);
  useEffect(() => {
    top.current?.scrollIntoView({ block: 'nearest' });
    top.current?.focus();
  }, []);
  const place = cls.group.findIndex((g) => g.person.id === personId);
  const seat = seats[place];
  return (
    <section
      ref={top}
      tabIndex={-1}
      aria-label={`${clockText(atMs)} again`}
      className="mt-6 max-w-4xl rounded-2xl border-2 border-edge bg-paper p-4"
    >
      <div className="flex items-start justify-between gap-4">
        <p className="text-lg">
          <strong className="tabular">{clockText(atMs)}</strong> {words}
        </p>
        <Button onClick={onClose}>Close</Button>
      </div>
      <div ref={room} className="relative mt-2 h-72 overflow-hidden">
        <div ref={holder} aria-hidden="true" className="absolute inset-0" />
        {seat && (
          <p
            className="absolute flex items-end justify-center rounded-xl border-2 border-ink"
            style={{ left: seat.x, top: seat.y, width: seat.w, height: seat.h }}
          >
            <span className="rounded bg-paper px-1 leading-tight font-semibold max-md:hidden">
              {fullName(cls.group[place]!.person)}
            </span>
          </p>
        )}
      </div>
    </section>
  );
}
