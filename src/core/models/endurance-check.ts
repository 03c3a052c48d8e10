import { enduranceMs, FRESH, after, reserveOf } from '../load';
import { percent, stepsFrom, type ModelCheck } from './check';

/** Seconds that a share of the greatest squeeze can be held, by the published law for hand and grip (Frey-Law & Avin 2010). */
const publishedEnduranceS = (share: number): number => 33.55 * share ** -1.61;

/** Within these shares the model is held to be within a fifth of the law. */
const VALID = [0.15, 0.6] as const;

/** How long a steady squeeze can be held, model against law. */
export function enduranceCheck(): ModelCheck {
  const shares = stepsFrom(0.15, 0.8, 13);
  const model = shares.map((f) => [f, Math.round(enduranceMs(f) / 1000)] as const);
  const law = shares.map((f) => [f, Math.round(publishedEnduranceS(f))] as const);
  const off = (from: number, to: number) =>
    model.flatMap(([f, s], i) => (f >= from && f <= to ? [s / law[i]![1] - 1] : []));
  const inside = off(...VALID);
  const beyond = off(0.7, 0.8);
  return {
    title: 'How long a steady squeeze can be held',
    x: 'share of the greatest squeeze',
    y: 'seconds',
    series: [
      { name: 'published law', as: 'points', points: law },
      { name: 'model', as: 'line', points: model },
    ],
    valid: VALID,
    says: `From ${percent(VALID[0])} to ${percent(VALID[1])} % of the greatest squeeze the model is ${percent(Math.min(...inside))} to ${percent(Math.max(...inside))} % off the law; at 70 to 80 % it falls ${-percent(Math.max(...beyond))} to ${-percent(Math.min(...beyond))} % short.`,
  };
}

/** How the reserve comes back in rest, after a minute at half of the greatest squeeze. */
export function recoveryCheck(): ModelCheck {
  const tired = after(FRESH, 0.5, 60_000);
  const points = stepsFrom(0, 300, 30).map(
    (s) => [s, Math.round(reserveOf(s === 0 ? tired : after(tired, 0, s * 1000)) * 1000) / 10] as const,
  );
  const at = (s: number) => Math.round(points.find(([x]) => x === s)![1]);
  return {
    title: 'The reserve in rest, after a minute at half of the greatest squeeze',
    x: 'seconds of rest',
    y: 'reserve, %',
    series: [{ name: 'model', as: 'line', points }],
    valid: [0, 300],
    says: `It is ${at(0)} % as the minute ends, ${at(30)} % after 30 s and ${at(120)} % after two minutes of rest.`,
  };
}
