import fc from 'fast-check';
import {
  gripResult,
  gripSessions,
  gripTestSchema,
  nextHand,
  peaksOf,
  TRIES,
  type GripTest,
  type GripTrial,
} from '@/core/measure/grip-test';
import type { Hand } from '@/core/dose/dose';
import type { Measure } from '@/core/people/measures';

const trial = (hand: Hand, peakKg: number): GripTrial => ({
  hand,
  peakKg,
  timeToPeakMs: 500,
  unsteadyPercent: 1,
});
const on = (day: string, ...trials: GripTrial[]): GripTest => ({ day, trials });
const written = (on_: string, value: number): Measure => ({ hand: 'L', kind: 'grip', value, on: on_ });

test('hands by turns, the first one first, three tries each, whatever is refused in between', () => {
  fc.assert(
    fc.property(
      fc.constantFrom<Hand>('L', 'R'),
      fc.array(fc.boolean(), { minLength: 40, maxLength: 60 }),
      (first, good) => {
        const trials: GripTrial[] = [];
        const turns: Hand[] = [];
        for (const ok of good) {
          const hand = nextHand(trials, first);
          if (!hand) break;
          if (!ok) continue;
          turns.push(hand);
          trials.push(trial(hand, 20));
        }
        const other = first === 'L' ? 'R' : 'L';
        expect(turns).toEqual([first, other, first, other, first, other].slice(0, turns.length));
        if (turns.length === 2 * TRIES) expect(nextHand(trials, first)).toBeNull();
      },
    ),
  );
});

test('sessions are tests with their tries and days written by hand, in order, each day once', () => {
  const tests = [on('2026-11-18', trial('L', 20), trial('R', 30), trial('L', 22))];
  const measures = [
    written('2026-11-04', 18),
    written('2026-11-18', 22),
    { ...written('2026-11-01', 9), kind: 'flexion' as const },
  ];
  expect(gripSessions(tests, measures, 'L')).toEqual([
    { day: '2026-11-04', trials: [18] },
    { day: '2026-11-18', trials: [20, 22] },
  ]);
  expect(gripSessions(tests, measures, 'R')).toEqual([{ day: '2026-11-18', trials: [30] }]);
  expect(peaksOf(tests[0]!, 'L')).toEqual([20, 22]);
});

const sessions = (...days: number[][]) => days.map((trials, i) => ({ day: `2026-11-0${i + 1}`, trials }));

test.each([
  ['nothing measured', sessions(), 'best', { baselineKg: null, nowKg: null, change: 'not yet' }],
  ['one day', sessions([20, 21, 22]), 'best', { baselineKg: 22, nowKg: null, change: 'not yet' }],
  [
    'over five more',
    sessions([20, 20, 20], [25.5, 25.5, 25.5]),
    'best',
    { baselineKg: 20, nowKg: 25.5, change: 'better' },
  ],
  ['the same', sessions([20, 20, 20], [20, 20, 20], [20, 20, 20]), 'best', { change: 'no real change' }],
  ['four more', sessions([20, 20, 20], [24, 24, 24]), 'best', { nowKg: 24, change: 'no real change' }],
  ['six less', sessions([26, 26, 26], [20, 20, 20]), 'best', { nowKg: 20, change: 'worse' }],
  ['by the mean', sessions([18, 20, 22], [24, 26, 28]), 'mean of three', { baselineKg: 20, nowKg: 26 }],
  [
    'a single value where the mean is asked',
    sessions([20], [26, 26, 26]),
    'mean of three',
    { baselineKg: 20, nowKg: 26 },
  ],
] as const)('%s', (_, days, scoring, expected) => {
  expect(gripResult(days, scoring)).toMatchObject(expected);
});

test('tries that scatter need more to count as better', () => {
  const scattered = gripResult(sessions([14, 20, 26], [20, 26, 32]), 'best');
  expect(scattered.thresholdKg).toBeGreaterThan(15);
  expect(scattered.change).toBe('no real change');
});

test.each([
  [{ day: 'yesterday', trials: [trial('L', 20)] }, 'Write the date as year-month-day'],
  [{ day: '2026-11-18', trials: [] }, 'A grip test has at least one try'],
  [{ day: '2026-11-18', trials: [trial('L', 400)] }, 'That is more than a hand can do'],
])('%j is refused in words', (test_, message) => {
  expect(gripTestSchema.safeParse(test_).error!.issues.map((i) => i.message)).toContain(message);
});
