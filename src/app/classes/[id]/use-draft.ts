'use client';

import { useCallback, useEffect, useRef, useState } from 'react';
import type { Draft } from '@/core/draft/draft';
import type { Result } from '@/core/result';
import type { DraftJob, DraftReply } from '@/workers/draft-job';

export type Drafting = {
  readonly result: Result<Draft> | null;
  /** How often the solver has been asked so far; null while nothing is drafted. */
  readonly asked: number | null;
  readonly start: (job: DraftJob) => void;
  readonly stop: () => void;
};

/** A draft worked out in a worker of its own; starting again, or stopping, ends the one before. */
export function useDraft(): Drafting {
  const [result, setResult] = useState<Result<Draft> | null>(null);
  const [asked, setAsked] = useState<number | null>(null);
  const worker = useRef<Worker | null>(null);

  const stop = useCallback(() => {
    worker.current?.terminate();
    worker.current = null;
    setAsked(null);
  }, []);
  useEffect(() => () => worker.current?.terminate(), []);

  const start = useCallback(
    (job: DraftJob) => {
      stop();
      setResult(null);
      setAsked(0);
      const made = new Worker(new URL('../../../workers/draft-worker.ts', import.meta.url), {
        type: 'module',
      });
      worker.current = made;
      made.onmessage = ({ data }: MessageEvent<DraftReply>) => {
        if (data.kind === 'asked') return setAsked(data.times);
        setResult(data.result);
        stop();
      };
      made.onerror = () => {
        setResult({
          ok: false,
          code: 'no-solver',
          message: 'The solver could not be started in this browser. The plan is as it was.',
        });
        stop();
      };
      made.postMessage(job);
    },
    [stop],
  );
  return { result, asked, start, stop };
}
