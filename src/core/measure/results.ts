import type { Hand } from '../dose';
import {
  isCounted,
  isOfWholePerson,
  MEASURE_KINDS,
  MEASURES,
  STEPS_OF_NOISE,
  type Measure,
  type MeasureKind,
  type Person,
  type Simulated,
} from '../people';
import { scoreOfTrials, type Scoring } from './force-curve';
import { gripSessions, type GripTest } from './grip-test';
import { changeFrom, gripThreshold, type Change } from './real-change';

type Point = { readonly day: string; readonly value: number; readonly simulated?: Simulated };

/** One thing measured of one hand, or of the person, over all its days. */
export type MeasureResult = {
  readonly kind: MeasureKind;
  readonly hand: Measure['hand'];
  /** Oldest first. */
  readonly points: readonly Point[];
  readonly baseline: number;
  /** Null while there is one day alone. */
  readonly now: number | null;
  readonly threshold: number;
  readonly change: Change;
};

/** Everything that was ever measured of a person, in the order of the kinds, left before right. */
export function resultsOf(
  person: Pick<Person, 'measures'>,
  tests: readonly GripTest[],
  scoring: Scoring,
): readonly MeasureResult[] {
  return MEASURE_KINDS.flatMap((kind) =>
    handsOf(kind).flatMap((hand) => {
      const { realChange } = MEASURES[kind];
      if (realChange !== 'own days' || hand === 'both') {
        const own = countedOf(person, kind, hand);
        const coarsest = Math.max(own[0]?.instrument?.step ?? 0, own.at(-1)?.instrument?.step ?? 0);
        const threshold = Math.max(Number(realChange), STEPS_OF_NOISE * coarsest);
        return resultFrom(kind, hand, own.map(pointOf), threshold) ?? [];
      }
      const points = gripPoints(person, tests, hand, scoring);
      const scores = points.map((p) => p.value);
      const threshold = gripThreshold(scores, gripSessions(tests, person.measures, hand));
      return resultFrom(kind, hand, points, threshold) ?? [];
    }),
  );
}

const handsOf = (kind: MeasureKind): readonly Measure['hand'][] =>
  isOfWholePerson(kind) ? ['both'] : ['L', 'R'];

/** What was measured of it, oldest first; what was simulated on one's own data is left out. */
const countedOf = ({ measures }: Pick<Person, 'measures'>, kind: MeasureKind, hand: Measure['hand']) =>
  measures
    .filter((m) => m.kind === kind && m.hand === hand && isCounted(m))
    .sort((a, b) => a.on.localeCompare(b.on));

const pointOf = ({ on, value, simulated }: Measure): Point => ({
  day: on,
  value,
  ...(simulated && { simulated }),
});

/** A day with too few tries for a mean counts by its best. */
function gripPoints(
  { measures }: Pick<Person, 'measures'>,
  tests: readonly GripTest[],
  hand: Hand,
  scoring: Scoring,
): Point[] {
  return gripSessions(tests, measures, hand).flatMap(({ day, trials, simulated }) => {
    const value = scoreOfTrials(trials, scoring) ?? scoreOfTrials(trials, 'best');
    return value === null ? [] : [{ day, value, ...(simulated && { simulated }) }];
  });
}

/** The first day against the last; null where nothing was measured. */
export function resultFrom(
  kind: MeasureKind,
  hand: Measure['hand'],
  points: readonly Point[],
  threshold: number,
): MeasureResult | null {
  const [first] = points;
  if (!first) return null;
  const now = points.length > 1 ? points.at(-1)!.value : null;
  return {
    kind,
    hand,
    points,
    baseline: first.value,
    now,
    threshold,
    change: changeFrom(first.value, now, threshold, MEASURES[kind].betterIs),
  };
}
