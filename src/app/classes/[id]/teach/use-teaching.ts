'use client';

import { newId } from '@/ui/new-id';
import { useCallback, useEffect, useRef, useState } from 'react';
import type { PlanStep } from '@/core/plan';
import {
  command,
  flow,
  noted,
  paced,
  withChange,
  withRungShift,
  type LiveChange,
  type Mark,
  type MarkKind,
  type Moved,
  type RungShift,
  type TaughtRow,
  type TeachCommand,
  type TeachState,
} from '@/core/teach';
import type { Taught } from '@/store/teaching';
import { useClassClock } from '@/ui/hooks/use-class-clock';
import type { Outbox } from './use-outbox';

export type Teaching = {
  readonly rows: readonly TaughtRow[];
  readonly state: TeachState;
  /** The class clock, ms; read it at the moment it is needed. */
  readonly now: () => number;
  readonly act: (what: TeachCommand) => void;
  /** The count so many times as long from the next one on. */
  readonly pace: (factor: number) => void;
  readonly change: (change: LiveChange) => void;
  readonly shiftRung: (personId: string, to: RungShift['to']) => void;
  readonly note: (words: string) => void;
  readonly marks: readonly Mark[];
  readonly mark: (personId: string, kind: MarkKind) => void;
};

const FLOW_EVERY_MS = 50;

/** The class under way: its clock, its position, and everything stored as it happens; a rehearsal stores nothing. */
export function useTeaching(
  classId: string,
  rowsOf: (changes: readonly PlanStep[]) => readonly TaughtRow[],
  taught: Taught,
  firstMarks: readonly Mark[],
  rate: number,
  post: Outbox['post'] | null,
): Teaching {
  const nextSeq = useRef(taught.nextSeq);
  const [seenMs] = useState(() => (post ? Math.max(taught.state.anchorMs, lastSeen(classId)) : 0));
  const now = useClassClock(taught.startedAtMs, rate, seenMs);
  const [state, setState] = useState<TeachState>(taught.state);
  const current = useRef(state);
  const [marks, setMarks] = useState(firstMarks);
  const rowsNow = useCallback(() => rowsOf(current.current.changes), [rowsOf]);

  const move = useCallback(
    ({ state: next, events }: Moved) => {
      if (next === current.current && events.length === 0) return;
      current.current = next;
      setState(next);
      const firstSeq = nextSeq.current;
      nextSeq.current += events.length;
      post?.({ kind: 'events', classId, body: { firstSeq, events, state: next } });
    },
    [classId, post],
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

  const act = useCallback(
    (what: TeachCommand) => move(command(rowsNow(), current.current, what, now())),
    [rowsNow, now, move],
  );
  const pace = useCallback(
    (factor: number) => {
      const at = now();
      move(paced(rowsNow(), flow(rowsNow(), current.current, at), at, factor));
    },
    [rowsNow, now, move],
  );
  const change = useCallback(
    (made: LiveChange) => move(withChange(rowsNow(), rowsOf, current.current, made, now())),
    [rowsNow, rowsOf, now, move],
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

  const mark = useCallback(
    (personId: string, kind: MarkKind) => {
      const row = rowsNow()[current.current.rowIndex];
      if (!row) return;
      const made: Mark = {
        id: newId(),
        personId,
        rowId: row.rowId,
        mark: kind,
        atMs: Math.round(now()),
      };
      setMarks((before) => [...before, made]);
      post?.({ kind: 'marks', classId, body: made });
    },
    [classId, rowsNow, now, post],
  );

  return { rows: rowsOf(state.changes), state, now, act, pace, change, shiftRung, note, marks, mark };
}

const seenKey = (classId: string): string => `oskil-seen-${classId}`;

function rememberSeen(classId: string, atMs: number) {
  localStorage.setItem(seenKey(classId), String(Math.round(atMs)));
}

function lastSeen(classId: string): number {
  return Number(localStorage.getItem(seenKey(classId)) ?? '0') || 0;
}
