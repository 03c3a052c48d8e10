import { bell, dice } from '../dice';
import { changeFrom, gripThreshold, readiness } from '../measure';
import { percent, stepsFrom, type CheckSeries, type ModelCheck } from './check';

const PEOPLE = 1_000;
const SEED = 20_261_124;
const GRIP_KG = 22;
/** As finely as a usual meter shows, kg. */
const STEP_KG = 0.5;

type Range = readonly [from: number, to: number];

/** The highest point of a line within a range of x. */
const highestIn = ({ points }: CheckSeries, [from, to]: Range): number =>
  Math.max(...points.flatMap(([x, y]) => (x >= from && x <= to ? [y] : [])));

/** Of made-up people whose grip has not changed, how many are called better or worse, by how far their days differ. */
export function realChangeCheck(): ModelCheck {
  const valid = [0.5, 1.5] as const;
  const calledChanged = (spreadKg: number, days: number) => {
    const roll = dice(SEED);
    const shown = () => Math.round((GRIP_KG + spreadKg * bell(roll)) / STEP_KG) * STEP_KG;
    return shareOf(() => {
      const scores = Array.from({ length: days }, shown);
      return changeFrom(scores[0]!, scores.at(-1)!, gripThreshold(scores)) !== 'no real change';
    });
  };
  const series = [2, 8].map((days): CheckSeries => ({
    name: `${days} days measured`,
    as: 'line',
    points: stepsFrom(0.5, 2.5, 8).map((kg) => [kg, percent(calledChanged(kg, days))]),
  }));
  return {
    title: 'Called changed though nothing has changed',
    x: 'spread from day to day, kg',
    y: 'of people, %',
    series,
    valid,
    says: `Where days differ by up to ${valid[1]} kg, at most ${Math.max(...series.map((s) => highestIn(s, valid)))} in a hundred people who have not changed are called better or worse.`,
  };
}

/** Of ordinary days, how many are called lighter, and how many a day to rest, by how far days differ. */
export function readinessCheck(): ModelCheck {
  const valid = [3, 9] as const;
  const called = (spreadPercent: number, kind: string) => {
    const roll = dice(SEED);
    const squeeze = () => GRIP_KG * (1 + (spreadPercent / 100) * bell(roll));
    return shareOf(() => readiness(squeeze(), Array.from({ length: 8 }, squeeze)).kind === kind);
  };
  const line = (name: string, kind: string): CheckSeries => ({
    name,
    as: 'line',
    points: stepsFrom(3, 12, 9).map((s) => [s, percent(called(s, kind))]),
  });
  const [lighter, rest] = [line('a lighter day', 'lighter day'), line('rest and glide', 'rest and glide')];
  return {
    title: 'Ordinary days that are called lighter',
    x: 'spread from day to day, %',
    y: 'of days, %',
    series: [lighter, rest],
    valid,
    says: `Where grip differs by ${valid[0]} to ${valid[1]} % from day to day, at most ${highestIn(lighter, valid)} % of ordinary days are called lighter and ${highestIn(rest, valid)} % a day to rest.`,
  };
}

/** How many of a thousand made-up cases are so, as a share. */
const shareOf = (isSo: () => boolean): number =>
  Array.from({ length: PEOPLE }, isSo).filter(Boolean).length / PEOPLE;
