import loadHighs from 'highs';
import { answerOf, SOLVER_OPTIONS } from '@/core/draft/answer';
import type { Solve } from '@/core/draft/answer';

/**
 * The solver as the worker has it, for tests in Node; what must hold of any draft may be asked of one that is a little less
 * good. The same model is solved once.
 */
export async function solver(gap: number = SOLVER_OPTIONS.mip_rel_gap): Promise<Solve> {
  const highs = await loadHighs();
  const solved = new Map<string, ReturnType<Solve>>();
  return (lp) => {
    const known = solved.get(lp);
    if (known !== undefined) return known;
    const answer = answerOf(highs.solve(lp, { ...SOLVER_OPTIONS, mip_rel_gap: gap, time_limit: 300 }));
    solved.set(lp, answer);
    return answer;
  };
}
