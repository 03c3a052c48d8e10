import type { EffortKind, Movement } from './movement';
import { RESISTED } from './movement';
import { primaryCount, withoutExtras, withPrimaryCount, type Count, type Dose } from '../dose';

/** Schools of dosage: habits of counting that can be mixed row by row. */
export const SCHOOLS = ['gentle', 'clinical', 'breath', 'musical', 'series', 'long low'] as const;
export type School = (typeof SCHOOLS)[number];

type Dosed = Pick<Movement, 'dose' | 'effort' | 'effortOf10' | 'lengthMs'>;
type Range = readonly [usual: number, fewest: number, most: number];

const QUIET: ReadonlySet<EffortKind> = new Set(['notice', 'breath', 'massage', 'warm']);
/** Slow enough to be breathed with, quick enough for a long series: ms a repetition. */
const BREATHED_FROM_MS = 2_500;
const SERIES_UP_TO_MS = 1_200;
/** From here a stretch is a long one of low load, ms. */
const LONG_HOLD_MS = 60_000;

/** A movement's dose as a school would count it, or null where that school does not count such a movement. */
export function doseInSchool(movement: Dosed, school: School): Dose | null {
  switch (school) {
    case 'gentle':
      return gentle(movement);
    case 'clinical':
      return clinical(movement);
    case 'breath':
      return breathPaced(movement);
    case 'musical':
      return musical(movement);
    case 'series':
      return series(movement);
    case 'long low':
      return longLow(movement);
  }
}

/** Few, to comfort, held two or three seconds; where a shorter stretch would be none, its shortest. */
function gentle({ dose, effort, lengthMs }: Dosed): Dose {
  const { count } = dose;
  if (count.mode === 'hold') {
    const shortest = lengthMs?.[0] ?? 2_000;
    const holdMs = effort === 'stretch' ? shortest : Math.max(shortest, Math.min(count.holdMs, 3_000));
    return gentler({ ...dose, sets: 1 }, { ...count, holdMs }, [2, 1, 3]);
  }
  if (count.mode === 'time')
    return { ...dose, sets: 1, count: { ...count, timeMs: lengthMs?.[0] ?? count.timeMs } };
  if (count.mode === 'sequence') return gentler({ ...dose, sets: 1 }, count, [1, 1, 2]);
  return gentler({ ...dose, sets: 1 }, count, [3, 3, 5]);
}

/** Measured: 8 to 12, 5 s five times against a resistance, 10 to 30 s two to four times for a stretch. */
function clinical({ dose, effort, lengthMs }: Dosed): Dose | null {
  const { count } = dose;
  if (QUIET.has(effort) || effort === 'tap') return null;
  if (count.mode === 'reps') return withRange(dose, count, [8, 8, 12]);
  if (count.mode !== 'hold') return null;
  const [shortest, longest] = lengthMs ?? [count.holdMs, count.holdMs];
  if (effort !== 'stretch')
    return withRange(dose, { ...count, holdMs: clamp(5_000, shortest, longest) }, [5, 3, 5]);
  if (shortest > 30_000 || longest < 10_000) return null;
  return withRange(dose, { ...count, holdMs: clamp(10_000, shortest, Math.min(longest, 30_000)) }, [2, 2, 4]);
}

/** Three to five breaths, ten to fifteen for a long stretch. What is quick, ordered or resisted hard is not breathed. */
function breathPaced({ dose, effort, lengthMs }: Dosed): Dose | null {
  const { count } = dose;
  const range: Range = (lengthMs?.[1] ?? 0) >= LONG_HOLD_MS ? [10, 10, 15] : [3, 3, 5];
  const asBreaths = { mode: 'breaths', breaths: range[0] } as const;
  switch (count.mode) {
    case 'breaths':
      return withRange(dose, count, [3, 3, 5]);
    case 'reps':
      return count.tempoMs >= BREATHED_FROM_MS && count.tempoMs <= 8_000
        ? withRange(dose, asBreaths, [3, 3, 5])
        : null;
    case 'hold':
      return effort === 'stretch' ? withRange(dose, asBreaths, range) : null;
    default:
      return null;
  }
}

/** Phrases of eight and sixteen. */
function musical({ dose, effort }: Dosed): Dose | null {
  const { count } = dose;
  if (count.mode !== 'reps' || QUIET.has(effort) || count.tempoMs > 4_000 || dose.most < 8) return null;
  return { ...withRange(dose, count, [8, 8, 16]), grouping: 8, sets: 1 };
}

/** Twenty to forty, light and quick. */
function series({ dose, effort, effortOf10 }: Dosed): Dose | null {
  const { count } = dose;
  const light = effort === 'tap' || (effortOf10 <= 2 && !RESISTED.has(effort));
  if (count.mode !== 'reps' || count.tempoMs > SERIES_UP_TO_MS || !light || dose.most < 20) return null;
  return { ...withRange(dose, count, [20, 20, 40]), sets: 1 };
}

/** A mild stretch for minutes, three to five times. */
function longLow({ dose, effort, effortOf10, lengthMs }: Dosed): Dose | null {
  const { count } = dose;
  const long = effort === 'stretch' && effortOf10 <= 1 && (lengthMs?.[1] ?? 0) >= LONG_HOLD_MS;
  if (!long || count.mode !== 'hold') return null;
  return withRange(dose, { ...count, holdMs: LONG_HOLD_MS }, [3, 3, 5]);
}

/** A school’s count as far as the movement’s own range allows it. */
function withRange(dose: Dose, count: Count, [usual, fewest, most]: Range): Dose {
  const n = count.mode === dose.count.mode ? clamp(usual, dose.fewest, dose.most) : usual;
  const own = count.mode === dose.count.mode ? dose.most : most;
  return {
    ...withoutExtras(dose),
    count: withPrimaryCount(count, n),
    fewest: Math.min(fewest, n),
    most: Math.max(n, Math.min(most, own)),
  };
}

/** Never more than the movement’s usual count. */
function gentler(dose: Dose, count: Count, [usual, fewest, most]: Range): Dose {
  const n = Math.min(usual, primaryCount(dose.count));
  return {
    ...withoutExtras(dose),
    count: withPrimaryCount(count, n),
    fewest: Math.min(fewest, n),
    most: Math.max(n, Math.min(most, dose.most)),
  };
}

const clamp = (n: number, min: number, max: number): number => Math.min(max, Math.max(min, n));
