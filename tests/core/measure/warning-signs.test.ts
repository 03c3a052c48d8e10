import type { MeasureResult } from '@/core/measure/results';
import { warningSigns, type ClassReport } from '@/core/measure/warning-signs';

const report = (part: Partial<ClassReport>): ClassReport => ({
  day: '2026-11-04',
  worseLater: null,
  stiffnessMin: null,
  numb: false,
  ...part,
});
const signs = (...parts: Partial<ClassReport>[]) => warningSigns(parts.map(report), []);

test.each<[string, (boolean | null)[], boolean]>([
  ['once', [true], false],
  ['twice running', [true, true], true],
  ['twice, with a class after which nobody asked', [true, null, true], true],
  ['twice, with a good one between', [true, false, true], false],
  ['twice, and well since', [true, true, false], false],
])('worse after class %s', (_, answers, told) => {
  expect(signs(...answers.map((worseLater) => ({ worseLater })))).toEqual(
    told ? ['worse two hours after class or next morning, twice running'] : [],
  );
});

test.each<[(number | null)[], string[]]>([
  [[0, 15, 30], ['morning stiffness grows: 0, 15, 30 minutes']],
  [[60, 15, null, 30, 60], ['morning stiffness grows: 15, 30, 60 minutes']],
  [[15, 30, 30], []],
  [[30, 15, 30], []],
  [[15, 60], []],
])('stiffness of %j minutes', (minutes, told) => {
  expect(signs(...minutes.map((stiffnessMin) => ({ stiffnessMin })))).toEqual(told);
});

test('grip that is really down, with both values; other measures are for the look back', () => {
  const result = (part: Partial<MeasureResult>): MeasureResult => ({
    kind: 'grip',
    hand: 'L',
    points: [],
    baseline: 18,
    now: 12,
    threshold: 5,
    change: 'worse',
    ...part,
  });
  expect(warningSigns([], [result({})])).toEqual([
    'grip, left is down from 18 kg to 12 kg, more than chance explains',
  ]);
  expect(warningSigns([], [result({ change: 'no real change' }), result({ kind: 'flexion' })])).toEqual([]);
});

test('new numbness counts until a class without it', () => {
  expect(signs({ numb: true })).toEqual(['new numbness or tingling']);
  expect(signs({ numb: true }, { numb: false })).toEqual([]);
});
