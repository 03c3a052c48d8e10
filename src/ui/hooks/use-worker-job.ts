'use client';

import { useCallback, useEffect, useRef, useState } from 'react';

export type WorkerJob<Job, Reply> = {
  /** What the worker said last; null before it did. */
  readonly reply: Reply | null;
  readonly running: boolean;
  readonly failed: boolean;
  readonly start: (job: Job) => void;
  readonly stop: () => void;
};

/** One job at a time in a worker of its own; starting again, or stopping, ends the one before. */
export function useWorkerJob<Job, Reply extends { readonly kind: string }>(
  makeWorker: () => Worker,
): WorkerJob<Job, Reply> {
  const [reply, setReply] = useState<Reply | null>(null);
  const [running, setRunning] = useState(false);
  const [failed, setFailed] = useState(false);
  const worker = useRef<Worker | null>(null);

  const stop = useCallback(() => {
    worker.current?.terminate();
    worker.current = null;
    setRunning(false);
  }, []);
  useEffect(() => () => worker.current?.terminate(), []);

  const start = useCallback(
    (job: Job) => {
      stop();
      setReply(null);
      setFailed(false);
      setRunning(true);
      const made = makeWorker();
      worker.current = made;
      made.onmessage = ({ data }: MessageEvent<Reply>) => {
        setReply(data);
        if (data.kind === 'done') stop();
      };
      made.onerror = () => {
        setFailed(true);
        stop();
      };
      made.postMessage(job);
    },
    [makeWorker, stop],
  );
  return { reply, running, failed, start, stop };
}
