import { dice, type Dice } from '../dice';
import { changeFrom, gripThreshold, readiness } from '../measure';
import { percent, stepsFrom, type ModelCheck } from './check';

const PEOPLE = 1_000;
const SEED = 20_261_124;
const GRIP_KG = 22;

/** A number spread as chance spreads it, mean 0 and spread 1 (Box & Muller 1958). */
const bell = (roll: Dice): number =>
  Math.sqrt(-2 * Math.log(roll() || 1e-9)) * Math.cos(2 * Math.PI * roll());

/** Of made-up people whose grip has not changed, how many are called better or worse after eight days. */
export function realChangeCheck(): ModelCheck {
  const share = (spreadKg: number, days: number) => {
    const roll = dice(SEED);
    const called = Array.from({ length: PEOPLE }, () => {
      const scores = Array.from(
        { length: days },
        () => Math.round(2 * (GRIP_KG + spreadKg * bell(roll))) / 2,
      );
      return changeFrom(scores[0]!, scores.at(-1)!, gripThreshold(scores));
    });
    return called.filter((c) => c !== 'no real change').length / PEOPLE;
  };
  const spreads = stepsFrom(0.5, 2.5, 8);
  const line = (days: number) => ({
    name: `${days} days measured`,
    as: 'line' as const,
    points: spreads.map((s) => [s, percent(share(s, days))] as const),
  });
  const lines = [line(2), line(8)];
  const most = Math.max(...lines.flatMap((l) => l.points.filter(([s]) => s <= 1.5).map(([, y]) => y)));
  return {
    title: 'Called changed though nothing has changed',
    x: 'spread from day to day, kg',
    y: 'of people, %',
    series: lines,
    valid: [0.5, 1.5],
    says: `Where days differ by up to 1.5 kg, at most ${most} in a hundred people who have not changed are called better or worse.`,
  };
}

/** Of ordinary days, how many are called lighter, and how many a day to rest. */
export function readinessCheck(): ModelCheck {
  const kindsAt = (spread: number) => {
    const roll = dice(SEED);
    const squeeze = () => GRIP_KG * (1 + spread * bell(roll));
    return Array.from(
      { length: PEOPLE },
      () => readiness(squeeze(), Array.from({ length: 8 }, squeeze)).kind,
    );
  };
  const spreads = stepsFrom(0.03, 0.12, 9);
  const line = (name: string, kind: string) => ({
    name,
    as: 'line' as const,
    points: spreads.map(
      (s) => [percent(s), percent(kindsAt(s).filter((k) => k === kind).length / PEOPLE)] as const,
    ),
  });
  const lines = [line('a lighter day', 'lighter day'), line('rest and glide', 'rest and glide')];
  const most = lines.map((l) => Math.max(...l.points.filter(([s]) => s <= 9).map(([, y]) => y)));
  return {
    title: 'Ordinary days that are called lighter',
    x: 'spread from day to day, %',
    y: 'of days, %',
    series: lines,
    valid: [3, 9],
    says: `Where grip differs by 3 to 9 % from day to day, at most ${most[0]} % of ordinary days are called lighter and ${most[1]} % a day to rest.`,
  };
}
