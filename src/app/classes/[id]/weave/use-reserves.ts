'use client';

import { useEffect, useLayoutEffect, useMemo, useRef, useState } from 'react';
import { lowestOfHands, reserveTrace, type ReserveRange } from '@/core/load';
import { classAsks, reservesFrom, type ClassAsks, type HandReserve, type RuleContext } from '@/core/plan';
import type { ReserveJob, ReserveReply } from '@/workers/reserve-job';

/** Reserves of every hand as last worked out, how low the lowest goes among people, and whether a newer working is under way. */
export type Reserves = {
  readonly hands: readonly HandReserve[];
  readonly lowest: ReserveRange | null;
  readonly working: boolean;
};

type Known = Pick<Reserves, 'hands' | 'lowest'>;
const NONE: Known = { hands: [], lowest: null };

/** The modelled grip reserves of a class, from a worker; an edit drops the working before it. */
export function useReserves(context: RuleContext): Reserves {
  const [known, setKnown] = useState<({ of: RuleContext } & Known) | null>(null);
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
        setKnown({
          of: current.context,
          hands: reservesFrom(current.asks, data.traces),
          lowest: data.lowest,
        });
      };
    return () => made?.terminate();
  }, []);

  // Once the edit itself is on the screen.
  useEffect(() => {
    job.current += 1;
    return afterPaint(() => {
      const asks = classAsks(context);
      if (!worker.current) return setKnown({ of: context, ...workedOutHere(asks) });
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
  const { hands, lowest } = known ?? NONE;
  return useMemo(() => ({ hands, lowest, working }), [hands, lowest, working]);
}

function workedOutHere(asks: ClassAsks): Known {
  const traces = asks.lists.map((list) => reserveTrace(list, asks.endMs));
  return { hands: reservesFrom(asks, traces), lowest: lowestOfHands(asks.lists, traces, asks.endMs) };
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
