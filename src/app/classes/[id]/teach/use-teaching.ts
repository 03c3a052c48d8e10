'use client';

import { useCallback, useEffect, useRef, useState } from 'react';
import type { PlanStep } from '@/core/plan';
import {
  command,
  flow,
  interrupted,
  noted,
  paced,
  takenBack,
  UNDO_MS,
  withAway,
  withChange,
  withRungShift,
  type LiveChange,
  type Away,
  type InterruptionWhy,
  type Before,
  type Moved,
  type Reports,
  type RungShift,
  type SentMark,
  type TaughtRow,
  type TeachCommand,
  type TeachState,
} from '@/core/teach';
import type { CheckIn } from '@/core/screening';
import type { Taught } from '@/store/teaching';
import { useClassClock } from '@/ui/hooks/use-class-clock';
import type { Outbox } from './use-outbox';
import { useReports } from './use-reports';
import { screenName } from './screen-name';

export type Teaching = {
  readonly rows: readonly TaughtRow[];
  readonly state: TeachState;
  /** The same at this very moment, also before the screen is drawn anew. */
  readonly nowState: () => TeachState;
  /** The class clock, ms; read it at the moment it is needed. */
  readonly now: () => number;
  readonly act: (what: TeachCommand) => void;
  /** The count so many times as long from the next one on. */
  readonly pace: (factor: number) => void;
  readonly change: (change: LiveChange) => void;
  readonly shiftRung: (personId: string, to: RungShift['to']) => void;
  readonly note: (words: string) => void;
  /** The class waits, and why. */
  readonly interrupt: (why: InterruptionWhy) => void;
  /** Somebody did not come, has left, or is here after all. */
  readonly setAway: (personId: string, how: Away['how'] | null) => void;
  /** What was done last, taken back; nothing when that was too long ago. */
  readonly undo: () => void;
  /** What was marked and said, on this screen and on others. */
  readonly reports: Reports;
  readonly mark: (sent: Pick<SentMark, 'rowId' | 'personId' | 'mark' | 'hand'>) => void;
  /** What somebody says of their hands now. */
  readonly answer: (personId: string, checkIn: CheckIn) => void;
};

const FLOW_EVERY_MS = 50;

/** The class under way: its clock, its position, and everything stored as it happens; a rehearsal stores nothing. */
export function useTeaching(
  classId: string,
  rowsOf: (changes: readonly PlanStep[]) => readonly TaughtRow[],
  taught: Taught,
  firstReports: Reports,
  rate: number,
  post: Outbox['post'] | null,
  onMoved?: (moved: Moved, atMs: number) => void,
): Teaching {
  const nextSeq = useRef(taught.nextSeq);
  const [seenMs] = useState(() => (post ? Math.max(taught.state.anchorMs, lastSeen(classId)) : 0));
  const now = useClassClock(taught.startedAtMs, rate, seenMs);
  const [state, setState] = useState<TeachState>(taught.state);
  const current = useRef(state);
  const told = useReports(classId, firstReports, now, post);
  const rowsNow = useCallback(() => rowsOf(current.current.changes), [rowsOf]);

  const move = useCallback(
    ({ state: next, events }: Moved) => {
      if (next === current.current && events.length === 0) return;
      current.current = next;
      setState(next);
      onMoved?.({ state: next, events }, now());
      const firstSeq = nextSeq.current;
      nextSeq.current += events.length;
      post?.({ kind: 'events', classId, body: { firstSeq, events, state: next, screen: screenName() } });
    },
    [classId, post, onMoved, now],
  );

  // A reload finds a count where it was last seen, paused, so that none runs unwatched. Talk and breaks go on.
  useEffect(() => {
    if (!post) return;
    const stored = current.current;
    const counting = stored.phase === 'count' && rowsNow()[stored.rowIndex]?.kind === 'movement';
    if (!stored.running || !counting) return;
    const seen = Math.min(now(), Math.max(stored.anchorMs, lastSeen(classId)));
    move(command(rowsNow(), stored, 'pause', seen));
  }, [classId, rowsNow, now, move, post]);

  useEffect(() => {
    const timer = setInterval(() => {
      const at = now();
      if (post) rememberSeen(classId, at);
      const moved = flow(rowsNow(), current.current, at);
      if (moved.events.length > 0) move(moved);
    }, FLOW_EVERY_MS);
    return () => clearInterval(timer);
  }, [classId, rowsNow, now, move, post]);

  /** Where the class was before the last thing that was done. */
  const before = useRef<Before | null>(null);
  const remembering = useCallback(
    (what: string, moved: (atMs: number) => Moved) => {
      const atMs = now();
      const state = current.current;
      move(moved(atMs));
      if (current.current !== state) before.current = { state, atMs, what };
    },
    [now, move],
  );
  const undo = useCallback(() => {
    const was = before.current;
    const atMs = now();
    if (!was || atMs - was.atMs > UNDO_MS * rate) return;
    before.current = null;
    move(takenBack(rowsOf(was.state.changes), was, current.current, atMs));
  }, [rowsOf, now, move, rate]);

  const nowState = useCallback(() => current.current, []);

  const act = useCallback(
    (what: TeachCommand) => remembering(what, (atMs) => command(rowsNow(), current.current, what, atMs)),
    [rowsNow, remembering],
  );
  const pace = useCallback(
    (factor: number) => {
      const at = now();
      move(paced(rowsNow(), flow(rowsNow(), current.current, at), at, factor));
    },
    [rowsNow, now, move],
  );
  const change = useCallback(
    (made: LiveChange) =>
      remembering(made.kind, (atMs) => withChange(rowsNow(), rowsOf, current.current, made, atMs)),
    [rowsNow, rowsOf, remembering],
  );
  const shiftRung = useCallback(
    (personId: string, to: RungShift['to']) =>
      move(withRungShift(rowsNow(), current.current, personId, to, now())),
    [rowsNow, now, move],
  );
  const note = useCallback(
    (words: string) => move(noted(rowsNow(), current.current, words, now())),
    [rowsNow, now, move],
  );

  const interrupt = useCallback(
    (why: InterruptionWhy) => move(interrupted(rowsNow(), current.current, why, now())),
    [rowsNow, now, move],
  );

  const setAway = useCallback(
    (personId: string, how: Away['how'] | null) =>
      move(withAway(rowsNow(), current.current, personId, how, now())),
    [rowsNow, now, move],
  );

  return {
    rows: rowsOf(state.changes),
    state,
    nowState,
    now,
    act,
    pace,
    change,
    shiftRung,
    note,
    interrupt,
    setAway,
    undo,
    ...told,
  };
}

const seenKey = (classId: string): string => `oskil-seen-${classId}`;

export function rememberSeen(classId: string, atMs: number) {
  localStorage.setItem(seenKey(classId), String(Math.round(atMs)));
}

function lastSeen(classId: string): number {
  return Number(localStorage.getItem(seenKey(classId)) ?? '0') || 0;
}
