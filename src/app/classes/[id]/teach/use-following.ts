'use client';

import { useCallback, useState } from 'react';
import type { PlanStep } from '@/core/plan';
import type { Result } from '@/core/result';
import { steadyBeginning, type Reports, type TaughtRow, type TeachState } from '@/core/teach';
import type { Taught } from '@/store/teaching';
import { useAskedAgain } from '@/ui/hooks/use-asked-again';
import type { Outbox } from './use-outbox';
import { useReports } from './use-reports';
import type { Teaching } from './use-teaching';

const ASK_EVERY_MS = 500;

type Told = { readonly seen: string; readonly classMs: number; readonly state?: TeachState };
const nothing = () => undefined;

/** A class that is taught on another screen, by this machine's clock. What is marked and said here is kept; the rest is done there. */
export function useFollowing(
  classId: string,
  rowsOf: (changes: readonly PlanStep[]) => readonly TaughtRow[],
  taught: Taught,
  firstReports: Reports,
  rate: number,
  post: Outbox['post'],
): Teaching {
  const [{ state, startedAtMs }, setFollowed] = useState({
    state: taught.state,
    startedAtMs: taught.startedAtMs,
  });
  const hear = useCallback(
    (told: Result<Told>) => {
      if (!told.ok) return;
      const { classMs, state: next } = told.value;
      setFollowed((before) => {
        const began = steadyBeginning(before.startedAtMs, Date.now() - classMs / rate);
        const isSame = !next && began === before.startedAtMs;
        return isSame ? before : { state: next ?? before.state, startedAtMs: began };
      });
    },
    [rate],
  );
  useAskedAgain<Told>(`/api/classes/${classId}/state`, ASK_EVERY_MS, hear);
  const now = useCallback(() => Math.max(0, (Date.now() - startedAtMs) * rate), [startedAtMs, rate]);
  const told = useReports(classId, firstReports, now, post);
  const nowState = useCallback(() => state, [state]);
  return {
    rows: rowsOf(state.changes),
    state,
    nowState,
    now,
    act: nothing,
    pace: nothing,
    change: nothing,
    shiftRung: nothing,
    note: nothing,
    interrupt: nothing,
    setAway: nothing,
    undo: nothing,
    ...told,
  };
}
