import loadHighs from 'highs';
import { answerOf, GAP } from '@/core/draft/answer';
import type { Solve } from '@/core/draft/answer';

/** The solver as the worker has it, for tests in Node. */
export async function solver(): Promise<Solve> {
  const highs = await loadHighs();
  return (lp) => answerOf(highs.solve(lp, { mip_rel_gap: GAP, time_limit: 20 }));
}
