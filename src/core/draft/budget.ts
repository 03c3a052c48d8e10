import { FIRST_LOADING, planVolume, type RuleContext } from '../plan';
import { arrange } from './arrange';
import { AFTER_LOADING_MS, WATER_MS, waterBreaks } from './frame';
import type { Budget } from './model';
import type { DraftWish } from './wish';

/** The load rises by so much at the most; the rule allows a little more to most people. */
const GENTLE_RISE = 1.08;

/** What is left for drafted rows: the length less the frame, a little less at each attempt, since mends put rows in. */
export function roomFor(context: RuleContext, wish: DraftWish, attempt: number): Budget {
  const { catalogue, baseline, plan } = context;
  const frameMs = context.replan(arrange([], catalogue, plan)).timing.totalMs;
  const waterMs = waterBreaks(wish.lengthMs) * WATER_MS;
  const volume = baseline && planVolume(baseline.plan, catalogue);
  const most = (n: number | undefined) => (n ? n * GENTLE_RISE : null);
  // A group that has not loaded its hands begins with a first step.
  const loading = volume && (volume.loading > 0 ? volume.loading * GENTLE_RISE : FIRST_LOADING);
  return {
    timeMs: (wish.lengthMs - frameMs - waterMs) * (0.97 - attempt * 0.03),
    afterLoadingMs: AFTER_LOADING_MS,
    volumeMost: { resisted: most(volume?.resisted), loading: loading ?? null },
  };
}
