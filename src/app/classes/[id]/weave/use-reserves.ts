'use client';

import { useEffect, useLayoutEffect, useMemo, useRef, useState } from 'react';
import {
  classAsks,
  reservesFrom,
  reservesOf,
  type ClassAsks,
  type HandReserve,
  type RuleContext,
} from '@/core/plan';
import type { ReserveJob, ReserveReply } from '@/workers/reserve-job';

/** Reserves of every hand as last worked out, and whether a newer working is under way. */
export type Reserves = { readonly hands: readonly HandReserve[]; readonly working: boolean };

const NONE: readonly HandReserve[] = [];

/** The modelled grip reserves of a class, from a worker; an edit drops the working before it. */
export function useReserves(context: RuleContext): Reserves {
  const [known, setKnown] = useState<{ of: RuleContext; hands: readonly HandReserve[] } | null>(null);
  const worker = useRef<Worker | null>(null);
  const job = useRef(0);
  const asked = useRef<{ context: RuleContext; asks: ClassAsks } | null>(null);

  useLayoutEffect(() => {
    const made = startWorker();
    worker.current = made;
    if (made)
      made.onmessage = ({ data }: MessageEvent<ReserveReply>) => {
        const { current } = asked;
        if (!current || data.job !== job.current) return;
        setKnown({ of: current.context, hands: reservesFrom(current.asks, data.traces) });
      };
    return () => made?.terminate();
  }, []);

  // Once the edit itself is on the screen.
  useEffect(() => {
    job.current += 1;
    return afterPaint(() => {
      if (!worker.current) return setKnown({ of: context, hands: reservesOf(context) });
      const asks = classAsks(context);
      asked.current = { context, asks };
      const request: ReserveJob = {
        job: job.current,
        lists: asks.lists.map((list) => list.map(({ startMs, endMs, load }) => ({ startMs, endMs, load }))),
        endMs: asks.endMs,
      };
      worker.current.postMessage(request);
    });
  }, [context]);

  const working = known?.of !== context;
  const hands = known?.hands ?? NONE;
  return useMemo(() => ({ hands, working }), [hands, working]);
}

/** Does something when the next frame has been drawn; the answer calls it off. */
function afterPaint(work: () => void): () => void {
  let later: ReturnType<typeof setTimeout> | undefined;
  const frame = requestAnimationFrame(() => {
    later = setTimeout(work, 0);
  });
  return () => {
    cancelAnimationFrame(frame);
    clearTimeout(later);
  };
}

/** Null where the browser has no workers; the page does the work itself then. */
function startWorker(): Worker | null {
  if (typeof Worker === 'undefined') return null;
  return new Worker(new URL('../../../../workers/reserve-worker.ts', import.meta.url), { type: 'module' });
}
