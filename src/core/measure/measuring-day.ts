import { rotaFor, type Rota, type Visit } from './rota';
import { STATIONS, type RealVisit } from './stations';

/** Minutes one person needs at each station, in the order of the stations. */
type Needs = readonly number[];

const MINUTE_MS = 60_000;

/**
 * The rest of a measuring day from now: what was visited stays, a visit under way ends when it was to, or now if that is
 * past, and everyone still waiting is planned round it. Times are ms since the first visit.
 */
export function restOfDay(
  personIds: readonly string[],
  minutes: Needs,
  real: readonly RealVisit[],
  nowMs: number,
): Rota {
  const needsMs = minutes.map((m) => m * MINUTE_MS);
  const visits = real.map((v): Visit => {
    const station = STATIONS.findIndex((s) => s.id === v.station);
    const endMs = v.endMs ?? Math.max(nowMs, v.startMs + needsMs[station]!);
    return { personId: v.personId, station, startMs: v.startMs, endMs };
  });
  return rotaFor(
    personIds.map((id) => ({ id, needsMs })),
    { visits, nowMs },
  );
}

/** Who is at a station, and who comes next there: those not begun, in the order of the rota. */
export function queueAt(rota: Rota, station: number, real: readonly RealVisit[]) {
  const begun = new Set(real.map((v) => `${v.personId} ${v.station}`));
  const id = STATIONS[station]!.id;
  return {
    here: real.find((v) => v.station === id && v.endMs === null) ?? null,
    next: rota.visits
      .filter((v) => v.station === station && !begun.has(`${v.personId} ${id}`))
      .sort((a, b) => a.startMs - b.startMs),
  };
}
