import type { RuleContext } from '../plan';
import { ANY_LOADING } from './balance';
import type { Line } from './lp';
import { modelLines, propVariables, type Budget } from './model';
import type { Option } from './option';
import { scoreOf } from './score';
import type { DraftWish } from './wish';

/** What could stand in a row's place with everything else as it is, and what that takes from the score. */
export type Instead = { readonly movementId: string; readonly cost: number };

/**
 * For each row what an instructor would swap: the same purpose and a joint in common, not in the class already, within every limit that the
 * selection keeps; the most alike, and of those the one that costs least.
 */
export function alternativesOf(
  chosen: readonly Option[],
  options: readonly Option[],
  context: RuleContext,
  wish: DraftWish,
  room: Budget,
): ReadonlyMap<string, Instead> {
  // A pin on the row itself is no reason against looking what else there is.
  const lines = modelLines(options, context, { ...wish, pinned: [], stays: [] }, room);
  const bounds = boundsBy(lines);
  const propNames = propVariables(options);
  const now = scoreOf(chosen, wish);
  const taken = new Set(chosen.map((o) => o.movement.id));
  const found = new Map<string, Instead>();
  for (const row of chosen) {
    const rest = chosen.filter((o) => o !== row);
    const others = options
      .filter((o) => !taken.has(o.movement.id) && o.movement.purpose === row.movement.purpose)
      .map((o) => ({ o, shared: sharedJoints(o, row) }))
      .filter(({ o, shared }) => shared > 0 && fits([...rest, o], bounds, propNames))
      .map(({ o, shared }) => ({ o, shared, cost: now - scoreOf([...rest, o], wish) }))
      .sort((a, b) => b.shared - a.shared || a.cost - b.cost || (a.o.key < b.o.key ? -1 : 1));
    const best = others[0];
    if (best) found.set(row.movement.id, { movementId: best.o.movement.id, cost: best.cost });
  }
  return found;
}

const sharedJoints = ({ movement: a }: Option, { movement: b }: Option): number =>
  a.joints.filter((joint) => b.joints.includes(joint)).length;

/** The lines of a model, and in which of them each variable counts for how much. */
type Bounds = {
  readonly lines: readonly Line[];
  readonly weightsOf: ReadonlyMap<string, readonly (readonly [line: number, weight: number])[]>;
};

function boundsBy(lines: readonly Line[]): Bounds {
  const weightsOf = new Map<string, (readonly [number, number])[]>();
  lines.forEach(({ terms }, line) => {
    for (const [weight, name] of terms) {
      const known = weightsOf.get(name) ?? [];
      known.push([line, weight]);
      weightsOf.set(name, known);
    }
  });
  return { lines, weightsOf };
}

/** Whether a selection keeps every line; a prop is out when something that is taken needs it. */
function fits(
  chosen: readonly Option[],
  { lines, weightsOf }: Bounds,
  propNames: ReadonlyMap<string, string>,
): boolean {
  const on = new Set(
    chosen.flatMap(({ key, movement }) => [
      key,
      propNames.get(movement.propId ?? '') ?? '',
      movement.effort === 'load' ? ANY_LOADING : '',
    ]),
  );
  const sums = new Float64Array(lines.length);
  for (const name of on) for (const [line, weight] of weightsOf.get(name) ?? []) sums[line]! += weight;
  return lines.every(({ sense, bound }, line) =>
    sense === '<=' ? sums[line]! <= bound + 1e-6 : sums[line]! >= bound - 1e-6,
  );
}
