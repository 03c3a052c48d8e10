import fc from 'fast-check';
import { isMeasureDue } from '@/core/measure/due';
import { groupSummary } from '@/core/measure/group-summary';
import { lowGripWords } from '@/core/measure/low-grip';
import { sessionLoad } from '@/core/measure/session-load';
import { lookBack } from '@/core/measure/look-back';
import { OPPOSITION_PLACES } from '@/core/measure/opposition';
import { resultFrom, resultsOf, type MeasureResult } from '@/core/measure/results';
import type { ClassLine } from '@/core/people/advice-note';
import {
  inSteps,
  MEASURE_KINDS,
  MEASURES,
  measureSchema,
  measureText,
  type Measure,
} from '@/core/people/measures';
import { fan, fingers, fullPose, REST } from '@/core/hand/pose';
import { seenHand } from '@/core/hand/place';
import { distance } from '@/core/draw/vector';

const measure = (kind: Measure['kind'], hand: Measure['hand'], value: number, on: string): Measure => ({
  kind,
  hand,
  value,
  on,
});

test('every kind is read in whole steps inside what is believed', () => {
  fc.assert(
    fc.property(
      fc.constantFrom(...MEASURE_KINDS),
      fc.double({ min: -10, max: 900, noNaN: true }),
      (kind, raw) => {
        const value = inSteps(kind, raw);
        const steps = value / MEASURES[kind].step;
        expect(Math.abs(steps - Math.round(steps))).toBeLessThan(1e-6);
        expect(value).toBeGreaterThanOrEqual(0);
        expect(value).toBeLessThanOrEqual(MEASURES[kind].most);
        expect(inSteps(kind, value)).toBe(value);
      },
    ),
  );
});

test.each([
  ['flexion', 37, 35],
  ['flexion', 38, 40],
  ['web span', 14.3, 14.5],
  ['grip', 20.14, 20.1],
  ['opposition', 6.4, 6],
] as const)('%s of %j is read as %j', (kind, raw, value) => expect(inSteps(kind, raw)).toBe(value));

test('what counts as a change is two steps, and a value says its unit', () => {
  const { flexion, opposition } = MEASURES;
  expect([flexion, opposition, MEASURES['web span']].map((m) => m.realChange)).toEqual([10, 2, 1]);
  expect(measureText('extension', 35)).toBe('35 degrees');
  expect(measureText('grip', 20.1)).toBe('20.1 kg');
});

test.each([
  [measure('opposition', 'L', 11, '2026-11-25'), 'That is more than a hand can do'],
  [measure('task ease', 'L', 5, '2026-11-25'), 'Say which hand'],
  [measure('grip', 'both', 20, '2026-11-25'), 'Say which hand'],
  [measure('grip', 'L', -1, '2026-11-25'), 'A measure is 0 or more'],
])('%j is refused: %s', (m, words) => {
  const parsed = measureSchema.safeParse(m);
  expect(parsed.error?.issues.map((i) => i.message)).toContain(words);
});

describe('results', () => {
  test.each([
    ['finger to palm', [4, 2.5], 'better'],
    ['finger to palm', [2, 3.5], 'worse'],
    ['finger to palm', [2, 3], 'no real change'],
    ['morning stiffness', [30, 15], 'better'],
    ['morning stiffness', [30, 25], 'no real change'],
    ['opposition', [6, 9], 'better'],
    ['opposition', [6, 8], 'no real change'],
    ['flexion', [50, 35], 'worse'],
    ['flexion', [50], 'not yet'],
  ] as const)('%s over %j: %s', (kind, values, change) => {
    const points = values.map((value, i) => ({ day: `2026-11-1${i}`, value }));
    expect(resultFrom(kind, 'L', points, Number(MEASURES[kind].realChange))!.change).toBe(change);
  });

  test('days are put in order, hands are kept apart, grip comes from its tests', () => {
    const results = resultsOf(
      {
        measures: [
          measure('opposition', 'R', 8, '2026-11-25'),
          measure('opposition', 'R', 5, '2026-11-11'),
          measure('task ease', 'both', 4, '2026-11-11'),
        ],
      },
      [
        {
          day: '2026-11-11',
          trials: [18, 20, 19].map((peakKg) => ({
            hand: 'L',
            peakKg,
            timeToPeakMs: 600,
            unsteadyPercent: 2,
          })),
        },
      ],
      'mean of three',
    );
    expect(results.map((r) => [r.kind, r.hand, r.baseline, r.now, r.change])).toEqual([
      ['grip', 'L', 19, null, 'not yet'],
      ['opposition', 'R', 5, 8, 'better'],
      ['task ease', 'both', 4, null, 'not yet'],
    ]);
    expect(resultsOf({ measures: [] }, [], 'best')).toEqual([]);
  });
});

describe('looking back', () => {
  const line = (day: string, before: number, after: number, present = true): ClassLine => ({
    day,
    present,
    painBefore: [before, before],
    painAfter: [after, after],
    effort: 3,
    adapted: '',
  });
  const days = ['2026-11-04', '2026-11-11', '2026-11-18', '2026-11-25'];
  const quiet = days.map((d) => line(d, 2, 2));
  const result = (change: MeasureResult['change']): MeasureResult => ({
    kind: 'grip',
    hand: 'L',
    points: [],
    baseline: 20,
    now: 20,
    threshold: 5,
    change,
  });

  test.each([
    ['nobody came', [], [], '2026-11-25', 'too early'],
    ['two weeks', quiet.slice(0, 3), [], '2026-11-18', 'too early'],
    ['three weeks and nothing moved', quiet, [], '2026-11-25', 'unchanged'],
    ['a hand is better', quiet, [result('better')], '2026-11-25', 'going well'],
    [
      'a hand is worse, another better',
      quiet,
      [result('better'), result('worse')],
      '2026-11-25',
      'unchanged',
    ],
    ['both hands are worse', quiet, [result('worse'), result('worse')], '2026-11-25', 'worse'],
    [
      'one hand is worse by twice what counts',
      quiet,
      [{ ...result('worse'), now: 10 }],
      '2026-11-25',
      'worse',
    ],
    ['pain before class fell', days.map((d, i) => line(d, 5 - i, 5 - i)), [], '2026-11-25', 'going well'],
    ['pain before class rose', days.map((d, i) => line(d, 1 + i, 1 + i)), [], '2026-11-25', 'worse'],
    [
      'pain rose in two classes',
      days.map((d, i) => line(d, 2, i < 2 ? 4 : 2)),
      [],
      '2026-11-25',
      'unchanged',
    ],
    ['pain rose in three classes', days.map((d, i) => line(d, 2, i < 3 ? 4 : 2)), [], '2026-11-25', 'worse'],
    [
      'a class away does not count',
      [...quiet.slice(1), line('2026-11-04', 9, 9, false)],
      [],
      '2026-11-25',
      'too early',
    ],
  ] as const)('%s', (_, classes, results, today, kind) => {
    expect(lookBack(classes, results, today).kind).toBe(kind);
  });
});

test.each([
  [[], null, false],
  [[], '2026-12-02', false],
  [[], '2026-11-11', true],
  [[measure('grip', 'L', 20, '2026-10-29')], '2026-10-01', false],
  [[measure('grip', 'L', 20, '2026-10-28')], '2026-10-01', true],
  [[measure('grip', 'L', 20, '2026-10-01'), measure('flexion', 'L', 20, '2026-11-20')], '2026-10-01', false],
] as const)('measures %j since a first class on %j: due %j', (measures, first, due) => {
  expect(isMeasureDue(measures, first, '2026-11-25')).toBe(due);
});

describe('the group without names', () => {
  const of = (kind: MeasureResult['kind'], ...changes: MeasureResult['change'][]): MeasureResult[] =>
    changes.map((change, i) => ({
      kind,
      hand: i === 0 ? 'L' : 'R',
      points: [],
      baseline: 0,
      now: 0,
      threshold: 1,
      change,
    }));

  test('a person counts once, and as worse when a hand is', () => {
    const people = [
      of('grip', 'better', 'no real change'),
      of('grip', 'better', 'worse'),
      of('grip', 'no real change'),
      of('grip', 'better'),
      of('grip', 'not yet', 'no real change'),
      of('grip', 'not yet'),
    ];
    expect(groupSummary(people).lines).toEqual([{ kind: 'grip', people: 5, better: 2, same: 2, worse: 1 }]);
  });

  test('four people are not told of', () => {
    const people = Array.from({ length: 4 }, () => [...of('grip', 'better'), ...of('opposition', 'better')]);
    expect(groupSummary(people)).toEqual({ lines: [], kept: ['grip', 'opposition'] });
  });

  test('counts add up and nothing under five is ever shown', () => {
    const change = fc.constantFrom<MeasureResult['change']>('better', 'worse', 'no real change', 'not yet');
    fc.assert(
      fc.property(fc.array(fc.array(change, { maxLength: 2 }), { maxLength: 12 }), (group) => {
        for (const l of groupSummary(group.map((c) => of('grip', ...c))).lines) {
          expect(l.people).toBeGreaterThanOrEqual(5);
          expect(l.better + l.same + l.worse).toBe(l.people);
        }
      }),
    );
  });
});

test('the ten places of the thumb stand apart on the drawn hand, in their order from thumb to little finger', () => {
  const hand = seenHand(
    fullPose({ ...REST, ...fingers(0, 2, 2), ...fan(0.5) }),
    { yaw: 0, tip: 0, lean: 0, at: [0, 0, 0], frame: 'forearm' },
    false,
  );
  expect(OPPOSITION_PLACES.map((p) => p.score)).toEqual([1, 2, 3, 4, 5, 6, 7, 8, 9, 10]);
  const points = OPPOSITION_PLACES.map((p) => p.at(hand));
  for (const [i, a] of points.entries())
    for (const b of points.slice(i + 1)) expect(distance(a, b)).toBeGreaterThan(12);
  const across = points.slice(2, 6).map(([x]) => x);
  expect([...across].sort((a, b) => b - a)).toEqual(across);
});

test.each([
  [[], null, true],
  [[measure('grip', 'L', 20, '2026-11-18')], '2026-11-11', true],
  [[measure('grip', 'L', 20, '2026-11-24')], '2026-11-11', false],
] as const)('in a week of review, measures %j since %j: due %j', (measures, first, due) => {
  expect(isMeasureDue(measures, first, '2026-11-25', true)).toBe(due);
});

test.each([
  [30, null],
  [27, null],
  [20, 'under 27 kg, the line of low grip for men; for women it is 16 kg.'],
  [16, 'under 27 kg, the line of low grip for men; for women it is 16 kg.'],
  [12, 'under 16 kg, the line of low grip for women; for men it is 27 kg.'],
])('a best squeeze of %i kg: %s', (kg, words) => {
  if (words === null) expect(lowGripWords(kg)).toBeNull();
  else expect(lowGripWords(kg)).toContain(words);
});

test('the load of a class is effort times minutes, and not known where nobody said', () => {
  expect([sessionLoad(4, 45), sessionLoad(0, 45), sessionLoad(null, 45)]).toEqual([180, 0, null]);
});
