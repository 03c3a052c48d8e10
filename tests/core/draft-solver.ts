import loadHighs from 'highs';
import type { Solve } from '@/core/draft/draft';

/** The solver as the worker has it, for tests in Node. */
export async function solver(): Promise<Solve> {
  const highs = await loadHighs();
  return (lp) => {
    const { Status, Columns } = highs.solve(lp, { mip_rel_gap: 0.01, time_limit: 20 });
    if (Status !== 'Optimal' && Status !== 'Time limit reached') return null;
    const taken = Object.entries(Columns).flatMap(([name, c]) =>
      'Primal' in c && (c.Primal ?? 0) > 0.5 ? [name] : [],
    );
    return { taken: new Set(taken), proven: Status === 'Optimal' };
  };
}
