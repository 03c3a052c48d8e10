import { CATALOGUE } from '@/catalogue/movements';
import { doseOf } from '@/core/dose/dose';
import { arcsPerRound, coverageOf, sumCoverage } from '@/core/hand/coverage';
import { levelOf, mostOf, movedAt, movedByRows, workedByRows } from '@/core/plan/look/hand-map';
import { HAND_SPOTS } from '@/core/hand/spots';
import { JOINT_LIMITS } from '@/core/hand/joints';

const figure = (id: string) => CATALOGUE.figure(id)!;
const row = (id: string, dose = CATALOGUE.movement(id)!.dose) => ({
  movement: CATALOGUE.movement(id)!,
  figure: figure(id),
  dose,
});

test('a swing there and back travels its arc twice', () => {
  expect(arcsPerRound(figure('palms-turn').motion)).toEqual({ 'forearm.pronation': 176 });
});

test('a sway passes the middle: 48 up and back, 52 down and back', () => {
  expect(arcsPerRound(figure('wrist-bend').motion)).toEqual({ 'wrist.flexion': 200 });
});

test('a hold goes out and comes back once', () => {
  const arcs = arcsPerRound(figure('wrist-stretch-back').motion);
  expect(arcs['wrist.flexion']).toBe(124);
});

test('arc x repetitions, left and right', () => {
  const six = doseOf({ mode: 'reps', reps: 6, tempoMs: 3_000 });
  expect(coverageOf(figure('wrist-bend'), six)).toEqual({
    L: { 'wrist.flexion': 1_200 },
    R: { 'wrist.flexion': 1_200 },
  });
  const more = doseOf({ mode: 'reps', reps: 6, tempoMs: 3_000 }, { sides: 'each', extraRight: 2 });
  const uneven = coverageOf(figure('wrist-bend'), more);
  expect([uneven.L['wrist.flexion'], uneven.R['wrist.flexion']]).toEqual([1_200, 1_600]);
  const left = doseOf({ mode: 'reps', reps: 6, tempoMs: 3_000 }, { sides: 'left' });
  expect(coverageOf(figure('wrist-bend'), left).R).toEqual({});
});

test('a sequence counts whole rounds, free movement its cycles', () => {
  const tips = figure('thumb-to-tips');
  const steps = ['index', 'middle', 'ring', 'little'];
  const once = arcsPerRound(tips.motion, steps);
  const rounds = coverageOf(tips, doseOf({ mode: 'sequence', rounds: 3, steps, stepMs: 1_000 }));
  expect(rounds.L['index.pip']).toBeCloseTo(once['index.pip']! * 3);
  const shake = coverageOf(figure('wrist-shake'), doseOf({ mode: 'time', timeMs: 24_000 }));
  expect(shake.R['wrist.flexion']).toBeCloseTo(10 * 112);
});

test('coverage adds up, and nothing adds nothing', () => {
  const one = coverageOf(figure('wrist-bend'), CATALOGUE.movement('wrist-bend')!.dose);
  expect(sumCoverage([one])).toEqual(one);
  expect(sumCoverage([one, one]).L['wrist.flexion']).toBe(2 * one.L['wrist.flexion']!);
});

test('every joint has one place on the map', () => {
  const placed = HAND_SPOTS.flatMap((s) => s.joints);
  expect([...placed].sort()).toEqual(JOINT_LIMITS.map((l) => l.id).sort());
});

test('the map sums the directions of a joint and the rows of a class', () => {
  const moved = movedByRows([row('wrist-bend'), row('wrist-bend')]);
  expect(moved.L.wrist).toBe(2 * movedAt(coverageOf(figure('wrist-bend'), row('wrist-bend').dose)).L.wrist!);
  expect(moved.L['index.pip']).toBe(0);
  expect(mostOf(moved)).toBe(moved.L.wrist);
});

test('only resisted and loading rows make a joint work: effort x seconds', () => {
  const squeeze = doseOf({ mode: 'reps', reps: 6, tempoMs: 3_000 }, { sides: 'each', extraLeft: 1 });
  const worked = workedByRows([row('ball-squeeze', squeeze), row('wrist-bend')]);
  expect([worked.L['index.mcp'], worked.R['index.mcp']]).toEqual([7 * 3 * 4, 6 * 3 * 4]);
  expect(worked.L.wrist).toBe(0);
});

test('levels: none, then quarters of the most', () => {
  expect([0, 1, 25, 26, 50, 75, 76, 100].map((v) => levelOf(v, 100))).toEqual([0, 1, 1, 2, 2, 3, 4, 4]);
  expect(levelOf(0, 0)).toBe(0);
});
