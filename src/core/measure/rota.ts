/** How long a person needs at each station, ms; the same stations in the same order for everyone. */
export type Visitor = { readonly id: string; readonly needsMs: readonly number[] };

/** One visit, [start, end) from the beginning of the measuring day, ms. */
export type Visit = {
  readonly personId: string;
  readonly station: number;
  readonly startMs: number;
  readonly endMs: number;
};

export type Rota = {
  readonly visits: readonly Visit[];
  readonly lengthMs: number;
  /** No rota can be shorter than this: the busiest station, or the person who needs longest. */
  readonly leastMs: number;
  /** Every order was looked at, or the length is the least there can be. */
  readonly proven: boolean;
};

/** Up to so many visits every order is looked at. */
const EXACT_UP_TO = 9;

/** What is over or under way of a measuring day, and the moment it is, ms; where a visit is under way its end is the one expected. */
type Begun = { readonly visits: readonly Visit[]; readonly nowMs: number };

const NOTHING_BEGUN: Begun = { visits: [], nowMs: 0 };

/**
 * Everyone through every station in the shortest time: a station takes one person at a time, nobody is at two at once, and
 * each goes round in whatever order suits. Small groups exactly; larger ones by the best of several ways of choosing who goes next.
 * What has begun stays as it is and the rest is planned from now.
 */
export function rotaFor(people: readonly Visitor[], begun: Begun = NOTHING_BEGUN): Rota {
  const gone = new Set(begun.visits.map((v) => `${v.personId} ${v.station}`));
  const waiting = people.flatMap((p) =>
    p.needsMs.flatMap((ms, s) => (ms > 0 && !gone.has(`${p.id} ${s}`) ? [{ p, s, ms }] : [])),
  );
  const leastMs = leastLength(waiting, begun);
  const tries = WAYS.map((way) => greedy(waiting, begun, way));
  const greedyBest = tries.reduce((a, b) => (lengthOf(b) < lengthOf(a) ? b : a), tries[0] ?? []);
  const exact = waiting.length <= EXACT_UP_TO && lengthOf(greedyBest) > leastMs;
  const visits = exact ? everyOrder(waiting, begun, greedyBest, leastMs) : greedyBest;
  const lengthMs = lengthOf(visits);
  return { visits, lengthMs, leastMs, proven: waiting.length <= EXACT_UP_TO || lengthMs === leastMs };
}

/** The busiest station, or the person who needs longest, each from when they are free. */
function leastLength(waiting: readonly Need[], begun: Begun): number {
  const from = (fits: (of: { readonly id: string; readonly s: number }) => boolean): number => {
    const own = waiting.filter(({ p, s }) => fits({ id: p.id, s }));
    const busy = begun.visits.filter((v) => fits({ id: v.personId, s: v.station })).map((v) => v.endMs);
    return own.length === 0 ? 0 : Math.max(begun.nowMs, ...busy) + sum(own.map((n) => n.ms));
  };
  return Math.max(
    lengthOf(begun.visits),
    ...[...new Set(waiting.map((n) => n.p.id))].map((id) => from((of) => of.id === id)),
    ...[...new Set(waiting.map((n) => n.s))].map((s) => from((of) => of.s === s)),
  );
}

type Need = { readonly p: Visitor; readonly s: number; readonly ms: number };
type Way = (need: Need, waiting: readonly Need[]) => number;

const sum = (values: readonly number[]): number => values.reduce((a, b) => a + b, 0);
const lengthOf = (visits: readonly Visit[]): number => Math.max(0, ...visits.map((v) => v.endMs));
const left = (waiting: readonly Need[], fits: (n: Need) => boolean): number =>
  sum(waiting.filter(fits).map((n) => n.ms));

/** Who goes next where several could: the highest of one of these. */
const WAYS: readonly Way[] = [
  (n, w) => left(w, (o) => o.p === n.p) + left(w, (o) => o.s === n.s),
  (n, w) => left(w, (o) => o.p === n.p),
  (n, w) => left(w, (o) => o.s === n.s) * 1_000 + left(w, (o) => o.p === n.p),
  (n) => n.ms,
  (n) => -n.ms,
];

/** As early as a person and a station are both free. */
const startAfter = (visits: readonly Visit[], nowMs: number, { p, s }: Need): number =>
  Math.max(nowMs, ...visits.filter((v) => v.personId === p.id || v.station === s).map((v) => v.endMs));

/** At each moment at which something is free the highest that can start does. */
function greedy(needs: readonly Need[], begun: Begun, way: Way): readonly Visit[] {
  const visits = [...begun.visits];
  const waiting = [...needs];
  while (waiting.length > 0) {
    const startOf = (n: Need) => startAfter(visits, begun.nowMs, n);
    const earliest = Math.min(...waiting.map(startOf));
    const next = waiting
      .filter((n) => startOf(n) === earliest)
      .reduce((a, b) => (way(b, waiting) > way(a, waiting) ? b : a));
    visits.push({ personId: next.p.id, station: next.s, startMs: earliest, endMs: earliest + next.ms });
    waiting.splice(waiting.indexOf(next), 1);
  }
  return visits;
}

/** Every order in which the visits could be placed, each as early as it can be; stops where nothing can be shorter. */
function everyOrder(
  needs: readonly Need[],
  begun: Begun,
  known: readonly Visit[],
  leastMs: number,
): readonly Visit[] {
  let best = known;
  const place = (waiting: readonly Need[], visits: readonly Visit[]): void => {
    if (lengthOf(best) <= leastMs || lengthOf(visits) >= lengthOf(best)) return;
    if (waiting.length === 0) {
      best = visits;
      return;
    }
    for (const n of waiting) {
      const startMs = startAfter(visits, begun.nowMs, n);
      const visit = { personId: n.p.id, station: n.s, startMs, endMs: startMs + n.ms };
      place(
        waiting.filter((w) => w !== n),
        [...visits, visit],
      );
    }
  };
  place(needs, begun.visits);
  return best;
}
