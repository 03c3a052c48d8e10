import loadHighs from 'highs';
import { answerOf, GAP, type Solve } from '@/core/draft';

/** Other requests wait while the solver works, so it works for a short time only. */
const MAX_SECONDS = 4;

export async function solver(): Promise<Solve> {
  const highs = await loadHighs();
  return (lp) => answerOf(highs.solve(lp, { mip_rel_gap: GAP, time_limit: MAX_SECONDS }));
}
