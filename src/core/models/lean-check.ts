import { loadOfStance, type Stance } from '../stance';
import { percent, stepsFrom, type ModelCheck } from './check';

const STATURE_M = 1.75;

/** Published shares of body weight that a scale under the hands read: height of the hands in m, share. */
const PUBLISHED: readonly (readonly [handM: number, share: number])[] = [
  [0, 0.64],
  [0, 0.69],
  [0.305, 0.55],
  [0.61, 0.41],
];

/** Straight leans by how high the hands are, model against what was measured (Ebben 2011, Suprak 2011). */
export function leanCheck(): ModelCheck {
  const heights = stepsFrom(0, 1.2, 12);
  const share = (handHeightM: number, of: 'low' | 'middle' | 'high') => {
    const load = loadOfStance(straightLean(handHeightM), STATURE_M);
    return load.ok ? load.value.scale[of] : 0;
  };
  const line = (name: string, of: 'low' | 'middle' | 'high') => ({
    name,
    as: 'line' as const,
    points: heights.map((h) => [percent(h), percent(share(h, of))] as const),
  });
  const lines = {
    low: line('model, least', 'low'),
    middle: line('model, middle', 'middle'),
    high: line('model, most', 'high'),
  };
  const widths = heights.map((h) => (share(h, 'high') - share(h, 'low')) / 2);
  const off = PUBLISHED.map(([h, published]) => Math.abs(share(h, 'middle') - published));
  return {
    title: 'What a scale under both hands reads in a straight lean, stature 1.75 m',
    x: 'hands up, cm',
    y: 'body weight, %',
    series: [
      { name: 'measured', as: 'points', points: PUBLISHED.map(([h, s]) => [percent(h), percent(s)]) },
      lines.low,
      lines.middle,
      lines.high,
    ],
    valid: [0, 120],
    says: `The middle is ${percent(Math.min(...off))} to ${percent(Math.max(...off))} points off what was measured; the band is ${percent(Math.min(...widths))} to ${percent(Math.max(...widths))} points either way.`,
  };
}

const straightLean = (handHeightM: number): Stance => ({
  kind: 'lean',
  surface: 'flat',
  pivot: 'toes',
  handHeightM,
});
