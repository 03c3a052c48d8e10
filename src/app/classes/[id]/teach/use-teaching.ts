'use client';

import { useCallback, useEffect, useRef, useState } from 'react';
import type { TaughtRow } from '@/core/teach/class-script';
import type { Mark, MarkKind } from '@/core/teach/marks';
import type { Moved, TeachEvent, TeachState } from '@/core/teach/state';
import { command, flow, offsetAtTime, type TeachCommand } from '@/core/teach/transport';
import type { Taught } from '@/store/teaching';
import { useOutbox } from './use-outbox';

export type Teaching = {
  readonly state: TeachState;
  /** The class clock, ms; read it at the moment it is needed. */
  readonly now: () => number;
  readonly act: (what: TeachCommand) => void;
  readonly marks: readonly Mark[];
  readonly mark: (personId: string, kind: MarkKind) => void;
  readonly unsaved: number;
};

const FLOW_EVERY_MS = 50;

/** The class under way: its clock, its position, and everything stored as it happens. */
export function useTeaching(
  classId: string,
  rows: readonly TaughtRow[],
  taught: Taught,
  firstMarks: readonly Mark[],
  rate: number,
): Teaching {
  const { post, unsaved } = useOutbox();
  const nextSeq = useRef(taught.nextSeq);
  const now = useClassClock(taught.startedAtMs, rate);
  const [state, setState] = useState<TeachState>(taught.state);
  const current = useRef(state);
  const [marks, setMarks] = useState(firstMarks);

  const move = useCallback(
    ({ state: next, events }: Moved) => {
      if (next === current.current) return;
      current.current = next;
      setState(next);
      storeEvents(post, classId, nextSeq, events, next);
    },
    [classId, post],
  );

  // A reload finds a count where it was last seen, paused, so that none runs unwatched. Talk and breaks go on.
  useEffect(() => {
    const stored = current.current;
    const counting = stored.phase === 'count' && rows[stored.rowIndex]?.kind === 'movement';
    if (!stored.running || !counting) return;
    const seen = Math.min(now(), Math.max(stored.anchorMs, lastSeen(classId)));
    move(command(rows, stored, 'pause', seen));
  }, [classId, rows, now, move]);

  useEffect(() => {
    const timer = setInterval(() => {
      const at = now();
      rememberSeen(classId, at);
      move(flow(rows, current.current, at));
    }, FLOW_EVERY_MS);
    return () => clearInterval(timer);
  }, [classId, rows, now, move]);

  const act = useCallback(
    (what: TeachCommand) => move(command(rows, current.current, what, now())),
    [rows, now, move],
  );

  const mark = useCallback(
    (personId: string, kind: MarkKind) => {
      const row = rows[current.current.rowIndex];
      if (!row) return;
      const made: Mark = {
        id: crypto.randomUUID(),
        personId,
        rowId: row.rowId,
        mark: kind,
        atMs: Math.round(now()),
      };
      setMarks((before) => [...before, made]);
      post(`/api/classes/${classId}/marks`, made);
    },
    [classId, rows, now, post],
  );

  return { state, now, act, marks, mark, unsaved };
}

function storeEvents(
  post: (url: string, body: unknown) => void,
  classId: string,
  nextSeq: { current: number },
  events: readonly TeachEvent[],
  state: TeachState,
) {
  const firstSeq = nextSeq.current;
  nextSeq.current += events.length;
  post(`/api/classes/${classId}/events`, { firstSeq, events, state });
}

/** Time since the class began, `rate` times as fast; steady once the page is open. */
function useClassClock(startedAtMs: number, rate: number): () => number {
  const opened = useRef({ epochMs: Date.now(), pageMs: performance.now() });
  return useCallback(() => {
    const { epochMs, pageMs } = opened.current;
    return Math.max(0, (epochMs + performance.now() - pageMs - startedAtMs) * rate);
  }, [startedAtMs, rate]);
}

const seenKey = (classId: string): string => `oskil-seen-${classId}`;

function rememberSeen(classId: string, atMs: number) {
  localStorage.setItem(seenKey(classId), String(Math.round(atMs)));
}

function lastSeen(classId: string): number {
  return Number(localStorage.getItem(seenKey(classId)) ?? '0') || 0;
}

/** Time into the current phase, ms. */
export const offsetNow = (state: TeachState, now: () => number): number => offsetAtTime(state, now());
