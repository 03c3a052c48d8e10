'use client';

import { useMemo } from 'react';
import {
  courseAtStart,
  EMPTY_LOG,
  withAct,
  withSeconds,
  withTurn,
  type Act,
  type Course,
  type CueId,
  type PracticeClass,
  type PracticeLog,
} from '@/core/practice';
import type { Moved, Reports, TeachEvent, TeachState } from '@/core/teach';

export type PracticeNow = {
  readonly log: () => PracticeLog;
  readonly course: () => Course;
  /** The class has moved on: from now on it stands so. */
  readonly moved: (moved: Moved, atMs: number) => void;
  /** What was marked and said of people has changed. */
  readonly reported: (reports: Reports, atMs: number) => void;
  readonly say: (cue: CueId, to: string | null, atMs: number) => void;
  readonly notice: (to: string, atMs: number) => void;
  readonly help: (atMs: number) => void;
  /** Work out the class up to now, in whole seconds. */
  readonly goOn: (atMs: number) => Course;
};

const NOTHING: Reports = { marks: [], answers: [] };

/** What the instructor does in a practice class, kept as it happens, and what comes of it. */
export const usePractice = (
  cls: PracticeClass,
  first: TeachState,
  events: readonly TeachEvent[],
): PracticeNow => useMemo(() => practiceFrom(cls, first, events), [cls, first, events]);

function practiceFrom(cls: PracticeClass, first: TeachState, events: readonly TeachEvent[]): PracticeNow {
  let log: PracticeLog = withTurn(EMPTY_LOG, { atMs: 0, state: first, reports: NOTHING }, events);
  let course: Course = courseAtStart(cls);
  const act = (done: Act) => void (log = withAct(log, done));
  return {
    log: () => log,
    course: () => course,
    moved: ({ state, events: told }, atMs) => {
      log = withTurn(log, { atMs, state, reports: log.turns.at(-1)!.reports }, told);
    },
    reported: (reports, atMs) => {
      const last = log.turns.at(-1)!;
      if (last.reports !== reports) log = withTurn(log, { atMs, state: last.state, reports }, []);
    },
    say: (cue, to, atMs) => act({ atMs, what: 'cue', cue, to }),
    notice: (to, atMs) => act({ atMs, what: 'noticed', to }),
    help: (atMs) => act({ atMs, what: 'help', to: null }),
    goOn: (atMs) => (course = withSeconds(cls, log, course, atMs)),
  };
}
