import { groupBy } from '../group';
import { median } from '../statistics';
import { PRACTICE_LEVELS, type PracticeLevel } from './level';
import { shareMet, type PracticeResult } from './result';

/** How practices of one level have gone: the first few against the last few. */
export type LevelSoFar = {
  readonly level: PracticeLevel;
  readonly n: number;
  /** Share of the slips that were met, oldest first; null where there were none. */
  readonly met: readonly (number | null)[];
  /** Middle share met, 0 to 1, and middle seconds to see, of the first and of the last; null with too few to compare. */
  readonly then: Middle | null;
  readonly now: Middle;
};
type Middle = { readonly met: number | null; readonly secondsToSee: number | null };

/** So many at each end are compared, and twice as many are needed. */
const FEW = 3;

/** By level, as far as it was practised; results come newest first. */
export function soFar(results: readonly PracticeResult[]): readonly LevelSoFar[] {
  const byLevel = groupBy([...results].reverse(), (r) => r.level);
  return PRACTICE_LEVELS.flatMap((level): LevelSoFar[] => {
    const of = byLevel.get(level.id);
    if (!of) return [];
    return [
      {
        level,
        n: of.length,
        met: of.map(shareMet),
        then: of.length >= 2 * FEW ? middleOf(of.slice(0, FEW)) : null,
        now: middleOf(of.slice(-FEW)),
      },
    ];
  });
}

const middleOf = (results: readonly PracticeResult[]): Middle => ({
  met: middle(results.map(shareMet)),
  secondsToSee: middle(results.map((r) => r.secondsToSee)),
});

const middle = (values: readonly (number | null)[]): number | null => {
  const known = values.filter((v) => v !== null);
  return known.length === 0 ? null : median(known);
};
