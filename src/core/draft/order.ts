/** What an order is judged by; lower is better. Both must be finite. */
export type OrderCost<T> = {
  /** What it costs that one comes anywhere before the other. */
  readonly before: (earlier: T, later: T) => number;
  /** What it costs that one comes just before the other. */
  readonly beside: (first: T, next: T) => number;
};

/** Up to so many things every order is as good as looked at. */
export const EXACT_UP_TO = 9;
/** Beyond that only so many beginnings are kept at each length. */
const BEGINNINGS = 400;

type Beginning = { readonly taken: number; readonly order: readonly number[]; readonly cost: number };

/**
 * The cheapest order, exact up to nine things: two beginnings of the same things that end alike have the same future, so
 * only the cheaper is kept (Held and Karp 1962). Past nine, the cheapest beginnings of each length are followed. Of equal
 * orders the one nearest to that given is taken, so the same things in the same order always come out alike. More than thirty are
 * ordered in pieces.
 */
export function bestOrder<T>(things: readonly T[], { before, beside }: OrderCost<T>): readonly T[] {
  if (things.length > AT_ONCE) return inPieces(things, { before, beside });
  let beginnings: readonly Beginning[] = [{ taken: 0, order: [], cost: 0 }];
  for (let length = 0; length < things.length; length++) {
    const next = new Map<string, Beginning>();
    for (const { taken, order, cost } of beginnings) {
      for (let i = 0; i < things.length; i++) {
        if (taken & (1 << i)) continue;
        const last = order.at(-1);
        const added =
          order.reduce((sum, j) => sum + before(things[j]!, things[i]!), 0) +
          (last === undefined ? 0 : beside(things[last]!, things[i]!));
        const key = `${taken | (1 << i)}:${i}`;
        const known = next.get(key);
        if (!known || cost + added < known.cost - TIE)
          next.set(key, { taken: taken | (1 << i), order: [...order, i], cost: cost + added });
      }
    }
    const all = [...next.values()];
    beginnings =
      things.length <= EXACT_UP_TO ? all : all.sort((a, b) => a.cost - b.cost).slice(0, BEGINNINGS);
  }
  const best = beginnings.reduce((a, b) => (b.cost < a.cost - TIE ? b : a));
  return best.order.map((i) => things[i]!);
}

/** More than these are ordered piece by piece, what has to come early in the first. */
const AT_ONCE = 30;

function inPieces<T>(things: readonly T[], cost: OrderCost<T>): readonly T[] {
  /** What it costs to have one before all others, against having it after them. */
  const early = things.map((thing) =>
    things.reduce((n, other) => n + cost.before(thing, other) - cost.before(other, thing), 0),
  );
  const order = things.map((_, i) => i).sort((a, b) => early[a]! - early[b]! || a - b);
  const pieces = Math.ceil(things.length / AT_ONCE);
  const size = Math.ceil(things.length / pieces);
  return Array.from({ length: pieces }, (_, n) =>
    bestOrder(
      order.slice(n * size, (n + 1) * size).map((i) => things[i]!),
      cost,
    ),
  ).flat();
}

/** Costs nearer than this are the same. */
const TIE = 1e-9;

/** What an order costs in all. */
export const costOfOrder = <T>(order: readonly T[], { before, beside }: OrderCost<T>): number =>
  order.reduce(
    (sum, later, i) =>
      sum +
      order.slice(0, i).reduce((n, earlier) => n + before(earlier, later), 0) +
      (i > 0 ? beside(order[i - 1]!, later) : 0),
    0,
  );
