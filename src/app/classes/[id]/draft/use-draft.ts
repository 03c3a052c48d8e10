'use client';

import { useCallback } from 'react';
import type { Draft } from '@/core/draft';
import type { Result } from '@/core/result';
import { useWorkerJob } from '@/ui/hooks/use-worker-job';
import type { DraftJob, DraftReply } from '@/workers/draft-job';

export type Drafting = {
  readonly result: Result<Draft> | null;
  /** How often the solver has been asked so far; null while nothing is drafted. */
  readonly asked: number | null;
  readonly start: (job: DraftJob) => void;
  readonly stop: () => void;
};

const NO_SOLVER: Result<Draft> = {
  ok: false,
  code: 'no-solver',
  message: 'The solver could not be started in this browser. The plan is as it was.',
};

/** A draft worked out off the page. */
export function useDraft(): Drafting {
  const makeWorker = useCallback(
    () => new Worker(new URL('../../../../workers/draft-worker.ts', import.meta.url), { type: 'module' }),
    [],
  );
  const { reply, running, failed, start, stop } = useWorkerJob<DraftJob, DraftReply>(makeWorker);
  return {
    result: failed ? NO_SOLVER : reply?.kind === 'done' ? reply.result : null,
    asked: running ? (reply?.kind === 'asked' ? reply.times : 0) : null,
    start,
    stop,
  };
}
