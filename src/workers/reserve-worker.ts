import { lowestOfHands, reserveTrace } from '@/core/load';
import type { ReserveJob, ReserveReply } from './reserve-job';

/** The fatigue model off the page: it looks up between stretches of work, so that a newer job ends an older one. */
const STRETCH_MS = 12;

let newest = 0;

self.onmessage = async ({ data }: MessageEvent<ReserveJob>) => {
  newest = data.job;
  const traces: ReserveReply['traces'][number][] = [];
  let since = performance.now();
  for (const list of data.lists) {
    traces.push(reserveTrace(list, data.endMs));
    if (performance.now() - since < STRETCH_MS) continue;
    await new Promise((resolve) => setTimeout(resolve, 0));
    since = performance.now();
    if (newest !== data.job) return;
  }
  const lowest = lowestOfHands(data.lists, traces, data.endMs);
  self.postMessage({ job: data.job, traces, lowest } satisfies ReserveReply);
};
