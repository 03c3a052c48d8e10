/**
 * Three-compartment muscle fatigue (Xia & Frey-Law 2008; rest multiplier Looft, Herkert & Frey-Law
 * 2018), hand and grip. Shares of one muscle group's capacity; they add up to 1. It guides planning
 * and clears nobody.
 */
type Muscle = { readonly rested: number; readonly active: number; readonly fatigued: number };

export const FRESH: Muscle = { rested: 1, active: 0, fatigued: 0 };

/** Per second, for hand and grip. */
const FATIGUE = 0.0098;
const RECOVERY = 0.00064;
/** Recovery is so many times as quick while nothing is asked. */
const REST_MULTIPLIER = 30;
/** How quickly the drive follows the load, up and down, per second. */
const DRIVE = 10;
/** One step of the integration, s: a tenth of a second lets the drive settle in one step. */
const STEP_S = 0.1;
/** Where hardly anything is active any more, as a share, rest is worked out in one go. */
const LET_GO = 1e-9;

/** Share of capacity that is not fatigued: what the screens show as reserve. */
export const reserveOf = ({ fatigued }: Muscle): number => 1 - fatigued;

/** The muscle after a load, as a share of its maximum from 0 to 1, has been asked for some ms; any other load is refused. */
export function after(muscle: Muscle, load: number, durationMs: number): Muscle {
  if (!(load >= 0 && load <= 1)) throw new RangeError(`A load is a share from 0 to 1, not ${load}`);
  let { rested, active, fatigued } = muscle;
  let left = durationMs / 1000;
  while (left > 1e-9) {
    if (load === 0 && active < LET_GO) return rest({ rested, active, fatigued }, left);
    const dt = Math.min(STEP_S, left);
    left -= dt;
    const drive = driveToward(load, rested, active);
    const recovery = RECOVERY * (load === 0 ? REST_MULTIPLIER : 1) * fatigued;
    const tiring = FATIGUE * active;
    active = Math.max(0, active + (drive - tiring) * dt);
    fatigued += (tiring - recovery) * dt;
    rested = 1 - active - fatigued;
  }
  return { rested, active, fatigued };
}

function driveToward(load: number, rested: number, active: number): number {
  if (active >= load) return DRIVE * (load - active);
  return DRIVE * Math.min(load - active, Math.max(0, rested));
}

/** Nothing asked: what is fatigued comes back by its exponential, what is still active lets go. */
function rest({ active, fatigued }: Muscle, seconds: number): Muscle {
  const left = (fatigued + active) * Math.exp(-RECOVERY * REST_MULTIPLIER * seconds);
  return { rested: 1 - left, active: 0, fatigued: left };
}

/** How long a steady load can be held before it falls short of what is asked, ms; Infinity at no load. */
export function enduranceMs(load: number): number {
  if (load <= 0) return Infinity;
  let muscle = after(FRESH, load, 1_000);
  let ms = 1_000;
  // Short by a fiftieth is a hold that is lost.
  while (muscle.active >= load * 0.98 && ms < 3_600_000) {
    muscle = after(muscle, load, 500);
    ms += 500;
  }
  return ms;
}

/** A load asked from one moment up to another, ms on the class clock; between loads the hand rests. */
export type LoadSpan = { readonly startMs: number; readonly endMs: number; readonly load: number };

export type ReservePoint = { readonly atMs: number; readonly reserve: number };

/**
 * The reserve at the start of the class, at both ends of every load and at the end of the class. Spans
 * are in order and do not overlap.
 */
export function reserveTrace(spans: readonly LoadSpan[], endMs: number): readonly ReservePoint[] {
  const points: ReservePoint[] = [{ atMs: 0, reserve: 1 }];
  let muscle = FRESH;
  let atMs = 0;
  const goTo = (ms: number, load: number) => {
    if (ms <= atMs) return;
    muscle = after(muscle, load, ms - atMs);
    atMs = ms;
    points.push({ atMs, reserve: reserveOf(muscle) });
  };
  for (const { startMs, endMs: until, load } of spans) {
    goTo(startMs, 0);
    goTo(until, load);
  }
  goTo(endMs, 0);
  return points;
}
