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

/**
 * Everyone through every station in the shortest time: a station takes one person at a time, nobody is at two at once, and
 * each goes round in whatever order suits. Small groups exactly; larger ones by the best of several ways of choosing who goes next.
 */
export function rotaFor(people: readonly Visitor[]): Rota {
  const stations = Math.max(0, ...people.map((p) => p.needsMs.length));
  const leastMs = Math.max(
    0,
    ...people.map((p) => sum(p.needsMs)),
    ...Array.from({ length: stations }, (_, s) => sum(people.map((p) => p.needsMs[s] ?? 0))),
  );
  const waiting = people.flatMap((p) => p.needsMs.flatMap((ms, s) => (ms > 0 ? [{ p, s, ms }] : [])));
  const tries = WAYS.map((way) => greedy(waiting, way));
  const greedyBest = tries.reduce((a, b) => (lengthOf(b) < lengthOf(a) ? b : a), tries[0] ?? []);
  const exact = waiting.length <= EXACT_UP_TO && lengthOf(greedyBest) > leastMs;
  const visits = exact ? everyOrder(waiting, greedyBest, leastMs) : greedyBest;
  const lengthMs = lengthOf(visits);
  return { visits, lengthMs, leastMs, proven: waiting.length <= EXACT_UP_TO || lengthMs === leastMs };
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

/** At each moment at which something is free the highest that can start does. */
function greedy(needs: readonly Need[], way: Way): readonly Visit[] {
  const visits: Visit[] = [];
  const waiting = [...needs];
  const freeAt = { person: new Map<string, number>(), station: new Map<number, number>() };
  while (waiting.length > 0) {
    const startOf = (n: Need) => Math.max(freeAt.person.get(n.p.id) ?? 0, freeAt.station.get(n.s) ?? 0);
    const earliest = Math.min(...waiting.map(startOf));
    const next = waiting
      .filter((n) => startOf(n) === earliest)
      .reduce((a, b) => (way(b, waiting) > way(a, waiting) ? b : a));
    visits.push({ personId: next.p.id, station: next.s, startMs: earliest, endMs: earliest + next.ms });
    freeAt.person.set(next.p.id, earliest + next.ms);
    freeAt.station.set(next.s, earliest + next.ms);
    waiting.splice(waiting.indexOf(next), 1);
  }
  return visits;
}

/** Every order in which the visits could be placed, each as early as it can be; stops where nothing can be shorter. */
function everyOrder(needs: readonly Need[], known: readonly Visit[], leastMs: number): readonly Visit[] {
  let best = known;
  const place = (waiting: readonly Need[], visits: readonly Visit[]): void => {
    if (lengthOf(best) <= leastMs || lengthOf(visits) >= lengthOf(best)) return;
    if (waiting.length === 0) {
      best = visits;
      return;
    }
    for (const n of waiting) {
      const busy = visits.filter((v) => v.personId === n.p.id || v.station === n.s).map((v) => v.endMs);
      const startMs = Math.max(0, ...busy);
      const visit = { personId: n.p.id, station: n.s, startMs, endMs: startMs + n.ms };
      place(
        waiting.filter((w) => w !== n),
        [...visits, visit],
      );
    }
  };
  place(needs, []);
  return best;
}
