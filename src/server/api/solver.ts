import loadHighs from 'highs';
import { answerOf, SOLVER_OPTIONS, type Solve } from '@/core/draft';

/** Other requests wait while the solver works, so it works for a short time only. */
const MAX_SECONDS = 4;

export async function solver(): Promise<Solve> {
  const highs = await loadHighs();
  return (lp) => answerOf(highs.solve(lp, { ...SOLVER_OPTIONS, time_limit: MAX_SECONDS }));
}
