import type { Hand } from '../dose';
import {
  isOfWholePerson,
  MEASURE_KINDS,
  MEASURES,
  type Measure,
  type MeasureKind,
  type Person,
} from '../people';
import { scoreOfTrials, type Scoring } from './force-curve';
import { gripSessions, type GripTest } from './grip-test';
import { changeFrom, gripThreshold, type Change } from './real-change';

type Point = { readonly day: string; readonly value: number };

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
      if (realChange !== 'own days' || hand === 'both')
        return resultFrom(kind, hand, pointsOf(person, kind, hand), Number(realChange)) ?? [];
      const points = gripPoints(person, tests, hand, scoring);
      const scores = points.map((p) => p.value);
      const threshold = gripThreshold(scores, gripSessions(tests, person.measures, hand));
      return resultFrom(kind, hand, points, threshold) ?? [];
    }),
  );
}

const handsOf = (kind: MeasureKind): readonly Measure['hand'][] =>
  isOfWholePerson(kind) ? ['both'] : ['L', 'R'];

function pointsOf({ measures }: Pick<Person, 'measures'>, kind: MeasureKind, hand: Measure['hand']): Point[] {
  return measures
    .filter((m) => m.kind === kind && m.hand === hand)
    .map((m) => ({ day: m.on, value: m.value }))
    .sort((a, b) => a.day.localeCompare(b.day));
}

/** A day with too few tries for a mean counts by its best. */
function gripPoints(
  { measures }: Pick<Person, 'measures'>,
  tests: readonly GripTest[],
  hand: Hand,
  scoring: Scoring,
): Point[] {
  return gripSessions(tests, measures, hand).flatMap(({ day, trials }) => {
    const value = scoreOfTrials(trials, scoring) ?? scoreOfTrials(trials, 'best');
    return value === null ? [] : [{ day, value }];
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
