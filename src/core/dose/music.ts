import { primaryCount, withPrimaryCount, type Count, type Dose } from './dose';

/** Beats in a phrase. */
const PHRASE = 8;

/** A dose fitted to music: beats to each counted thing, and the whole phrases one run of the count fills. */
type MusicalFit = { readonly dose: Dose; readonly beatsEach: number; readonly phrases: number };

/**
 * A dose to so many beats per minute: each repetition takes the power of two of beats nearest its tempo, and the
 * count is the nearest that ends a whole phrase of 8. Null for holds, breaths and free time, which have no tempo.
 */
export function fitToMusic(dose: Dose, bpm: number): MusicalFit | null {
  const tempoMs = tempoOf(dose.count);
  if (tempoMs === null) return null;
  const beatMs = 60_000 / bpm;
  const beatsEach = nearestPower(tempoMs / beatMs);
  const perCount = beatsEach * stepsOf(dose.count);
  const most = mostOf(dose.count);
  const whole = wholePhrases(primaryCount(dose.count), perCount, most);
  const count = withTempo(withPrimaryCount(dose.count, whole), Math.round(beatMs * beatsEach));
  return {
    dose: {
      ...dose,
      count,
      grouping: 8,
      fewest: Math.min(dose.fewest, whole),
      most: Math.max(dose.most, whole),
    },
    beatsEach,
    phrases: (whole * perCount) / PHRASE,
  };
}

/** The count nearest to the one planned whose beats fill whole phrases. */
function wholePhrases(planned: number, perCount: number, most: number): number {
  let unit = 1;
  while ((unit * perCount) % PHRASE !== 0) unit++;
  const nearest = Math.max(1, Math.round(planned / unit)) * unit;
  return nearest <= most ? nearest : Math.max(unit, Math.floor(most / unit) * unit);
}

const nearestPower = (beats: number): number => {
  const exponent = Math.round(Math.log2(Math.max(0.5, beats)));
  return 2 ** Math.min(4, Math.max(0, exponent));
};

const tempoOf = (c: Count): number | null =>
  c.mode === 'reps' ? c.tempoMs : c.mode === 'sequence' ? c.stepMs : null;
const stepsOf = (c: Count): number => (c.mode === 'sequence' ? c.steps.length : 1);
const mostOf = (c: Count): number => (c.mode === 'sequence' ? 20 : 100);
const withTempo = (c: Count, ms: number): Count =>
  c.mode === 'reps' ? { ...c, tempoMs: ms } : c.mode === 'sequence' ? { ...c, stepMs: ms } : c;
