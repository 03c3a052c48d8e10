import {
  leastCount,
  MOST,
  primaryCount,
  stepsOfRound,
  withPrimaryCount,
  type Count,
  type Dose,
} from './dose';

/** Beats in a phrase, and in the half of one. */
const PHRASE = 8;
const HALF = 4;
const BEATS_EACH = [1, 2, 4, 8, 16, 32, 64];
/** A repetition may be so much quicker or slower for the music, as a share of its own tempo. */
const QUICKEST = 0.7;
const SLOWEST = 1.5;
/** A change of length up to this share is worth a whole phrase. */
const WORTH_A_WHOLE = 0.25;

/** A dose fitted to music: beats to each counted thing, and the phrases one run of the count fills, in halves. */
type MusicalFit = { readonly dose: Dose; readonly beatsEach: number; readonly phrases: number };

/**
 * A dose to so many beats per minute: of all tempos near its own and counts that end a phrase of 8, the fit that changes
 * the length of a run least, the shorter of two alike; half a phrase where every whole one would change it by over a
 * quarter. Null for holds, breaths and free time, which have no tempo.
 */
export function fitToMusic(dose: Dose, bpm: number): MusicalFit | null {
  const { count } = dose;
  const tempoMs = tempoOf(count);
  if (tempoMs === null) return null;
  const beatMs = 60_000 / bpm;
  const planned = primaryCount(count);
  const range = [leastCount(dose), count.mode === 'sequence' ? MOST.sequence : MOST.reps] as const;
  const steps = stepsOf(count);
  const fits = beatsNear(tempoMs / beatMs).flatMap((beatsEach) =>
    [PHRASE, HALF].flatMap((ends) =>
      countsThatEnd(ends, beatsEach * steps, (planned * tempoMs) / (beatMs * beatsEach), range).map((n) => ({
        n,
        beatsEach,
        isWhole: (n * beatsEach * steps) % PHRASE === 0,
        change: (n * beatsEach * beatMs) / (planned * tempoMs) - 1,
      })),
    ),
  );
  const closest = (some: typeof fits) =>
    some.reduce((a, b) => {
      const nearer = Math.abs(b.change) - Math.abs(a.change);
      return nearer < -1e-9 || (nearer < 1e-9 && b.change < a.change) ? b : a;
    });
  const whole = closest(fits.filter((f) => f.isWhole));
  const any = closest(fits);
  const { n, beatsEach } = Math.abs(whole.change) <= WORTH_A_WHOLE ? whole : any;
  return {
    dose: {
      ...dose,
      count: withTempo(withPrimaryCount(count, n), Math.round(beatMs * beatsEach)),
      grouping: 8,
      fewest: Math.min(dose.fewest, n),
      most: Math.max(dose.most, n),
    },
    beatsEach,
    phrases: (n * beatsEach * steps) / PHRASE,
  };
}

/** Beats to a repetition at a tempo near its own, or the nearest there is. */
function beatsNear(own: number): readonly number[] {
  const near = BEATS_EACH.filter((b) => b / own >= QUICKEST && b / own <= SLOWEST);
  const nearest = BEATS_EACH.reduce((a, b) =>
    Math.abs(Math.log2(b / own)) < Math.abs(Math.log2(a / own)) ? b : a,
  );
  return near.length > 0 ? near : [nearest];
}

/** The counts just under and over the wished one whose beats end so many together; the fewest there is where none is under. */
function countsThatEnd(
  beats: number,
  perCount: number,
  wished: number,
  [least, most]: readonly [number, number],
): readonly number[] {
  let unit = 1;
  while ((unit * perCount) % beats !== 0) unit++;
  const under = Math.floor(wished / unit) * unit;
  const fitting = [under, under + unit].filter((n) => n >= least && n <= most);
  return fitting.length > 0
    ? fitting
    : [Math.max(Math.ceil(least / unit), Math.floor(Math.min(most, wished) / unit)) * unit];
}

const tempoOf = (c: Count): number | null =>
  c.mode === 'reps' ? c.tempoMs : c.mode === 'sequence' ? c.stepMs : null;
const stepsOf = (c: Count): number => (c.mode === 'sequence' ? stepsOfRound(c).length : 1);
const withTempo = (c: Count, ms: number): Count =>
  c.mode === 'reps' ? { ...c, tempoMs: ms } : c.mode === 'sequence' ? { ...c, stepMs: ms } : c;
