import fc from 'fast-check';
import { MOVEMENTS } from '@/catalogue/movements';
import { doseInSchool, SCHOOLS } from '@/core/catalogue/school';
import { doseOf, doseSchema, leastCount, primaryCount, type Dose } from '@/core/dose/dose';
import { doseIssues } from '@/core/dose/issues';
import { lighterDose } from '@/core/dose/lighter';
import { longestCount, noLongerThan } from '@/core/dose/longest';
import { fitToMusic } from '@/core/dose/music';
import { withBeads } from '@/core/dose/nudge';
import { EACH_WAY } from '@/core/dose/passes';
import { perHand } from '@/core/dose/per-hand';
import { handOutMs } from '@/core/dose/pace';
import { doseTiming } from '@/core/dose/timing';
import { doseTotals } from '@/core/dose/totals';
import { anyDose } from './arbitrary';

const SWAPPED = [{ name: 'right hand on top' }, { name: 'left hand on top', swapped: true }] as const;
const known = { breathMs: 5_000, slowFirst: false };
const reps = (n: number, tempoMs: number, rest: Partial<Dose> = {}) =>
  doseOf({ mode: 'reps', reps: n, tempoMs }, rest);

test.each<[string, Dose, number]>([
  ['8 repetitions of 3 s, both hands', reps(8, 3_000), 24_000],
  ['each hand: twice the work and one change of 8 s', reps(8, 3_000, { sides: 'each' }), 56_000],
  ['both directions: twice the work and 3 s to turn', reps(8, 3_000, { passes: EACH_WAY }), 51_000],
  [
    'each hand both ways: four bouts, one change of side, two of direction',
    reps(8, 3_000, { sides: 'each', passes: EACH_WAY }),
    96_000 + 8_000 + 6_000,
  ],
  ['other hand on top: twice the work and 10 s to swap', reps(4, 3_000, { passes: SWAPPED }), 34_000],
  [
    'two passes that leave the hands as they are, then the same two swapped',
    reps(4, 3_000, {
      passes: [
        ...EACH_WAY,
        ...EACH_WAY.map((p) => ({ ...p, name: `${p.name} swapped`, swapped: true as const })),
      ],
    }),
    48_000 + 3_000 + 10_000 + 3_000,
  ],
  [
    'a pass with two more and a length of its own',
    reps(4, 3_000, { passes: [{ name: 'palm down' }, { name: 'palm up', extra: 2, ms: 4_000 }] }),
    12_000 + 3_000 + 24_000,
  ],
  ['three sets with 20 s rest', reps(8, 3_000, { sets: 3, restMs: 20_000 }), 112_000],
  [
    'two sets each hand: a change within each set and back to the first hand',
    reps(8, 3_000, { sides: 'each', sets: 2, restMs: 10_000 }),
    96_000 + 3 * 8_000 + 10_000,
  ],
  ['alternating, counted per hand', reps(10, 1_200, { sides: 'alternating' }), 24_000],
  ['alternating, counted in all', reps(10, 1_200, { sides: 'alternating', perSide: false }), 12_000],
  ['extra for the weaker side', reps(8, 3_000, { sides: 'each', extraRight: 2 }), 62_000],
  [
    '5 holds of 5 s with 3 s between',
    doseOf({ mode: 'hold', holds: 5, holdMs: 5_000, relaxMs: 3_000 }),
    40_000,
  ],
  [
    'the same each hand',
    doseOf({ mode: 'hold', holds: 5, holdMs: 5_000, relaxMs: 3_000 }, { sides: 'each' }),
    88_000,
  ],
  ['5 breaths', doseOf({ mode: 'breaths', breaths: 5 }), 25_000],
  ['free time', doseOf({ mode: 'time', timeMs: 20_000 }), 20_000],
  ['free time both ways', doseOf({ mode: 'time', timeMs: 10_000 }, { passes: EACH_WAY }), 23_000],
  [
    'three rounds over four fingers, there and back within each round',
    doseOf({
      mode: 'sequence',
      rounds: 3,
      steps: ['index', 'middle', 'ring', 'little'],
      stepMs: 1_000,
      thereAndBack: true,
    }),
    24_000,
  ],
  [
    'three rounds over four fingers one way, then the other',
    doseOf(
      { mode: 'sequence', rounds: 3, steps: ['index', 'middle', 'ring', 'little'], stepMs: 1_000 },
      { passes: EACH_WAY },
    ),
    27_000,
  ],
])('%s', (_, dose, totalMs) => {
  expect(doseTiming(dose, known).totalMs).toBe(totalMs);
});

test('the first repetition of a new movement takes two and a half times as long', () => {
  expect(doseTiming(reps(8, 2_000), { ...known, slowFirst: true }).workMs).toBe(16_000 + 3_000);
});

test('a hold does not stretch when the movement is new', () => {
  const dose = doseOf({ mode: 'hold', holds: 2, holdMs: 5_000, relaxMs: 0 });
  expect(doseTiming(dose, { ...known, slowFirst: true }).workMs).toBe(10_000);
});

test.each([
  [15, 0, 60_000],
  [15, 1, 32_000],
  [15, 2, 20_000],
  [1, 0, 4_000],
  [0, 2, 0],
])('handing out to %i people with %i helpers takes %i ms', (people, helpers, ms) => {
  expect(handOutMs(people, helpers)).toBe(ms);
});

test('no hold, free time or step is longer than it may be, whichever pass or step it is; more of them stays', () => {
  const passes = [
    { name: 'palm down', ms: 12_000 },
    { name: 'palm up', extra: 1 },
  ];
  const hold = doseOf({ mode: 'hold', holds: 2, holdMs: 15_000, relaxMs: 0 }, { passes });
  expect(noLongerThan(hold, 10_000)).toMatchObject({
    count: { holdMs: 10_000 },
    passes: [{ ms: 10_000 }, { extra: 1 }],
  });
  const more = [
    { step: 'ring', ms: 20_000 },
    { step: 'index', times: 2 },
  ];
  const steps = doseOf({ mode: 'sequence', rounds: 1, steps: ['index', 'ring'], stepMs: 1_000, more });
  expect(noLongerThan(steps, 10_000).count).toMatchObject({
    stepMs: 1_000,
    more: [
      { step: 'ring', ms: 10_000 },
      { step: 'index', times: 2 },
    ],
  });
  expect(longestCount(steps)).toMatchObject({ stepMs: 20_000 });
  const free = doseOf({ mode: 'time', timeMs: 20_000 });
  expect(noLongerThan(free, 2_000).count).toEqual({ mode: 'time', timeMs: 5_000 });
  expect(noLongerThan(reps(3, 15_000), 10_000)).toEqual(reps(3, 15_000));
});

test('each hand gets what it does: by times, by seconds, by cycles of free movement, a long hold as several repetitions', () => {
  const left = doseOf({ mode: 'time', timeMs: 30_000 }, { sides: 'left' });
  expect(perHand(left, 5_000)).toMatchObject({
    L: { times: 1, cycles: 12.5, workMs: 30_000 },
    R: { times: 0, workMs: 0 },
  });
  const hold = doseOf({ mode: 'hold', holds: 2, holdMs: 10_000, relaxMs: 3_000 });
  expect(perHand(hold, 5_000).L).toMatchObject({ times: 2, cycles: 2, asReps: 4, workMs: 20_000 });
  const all = [{ step: 'all', ms: 5_000 }];
  const steps = doseOf({ mode: 'sequence', rounds: 2, steps: ['index', 'all'], stepMs: 1_000, more: all });
  expect(perHand(steps, 5_000).R).toMatchObject({ times: 4, workMs: 12_000 });
});

test('totals keep sides and passes apart', () => {
  const dose = reps(8, 3_000, { sides: 'each', passes: EACH_WAY, sets: 2, extraLeft: 1 });
  expect(doseTotals(dose)).toEqual({
    left: 36,
    right: 32,
    beats: 68,
    byPass: new Map([
      ['one way', { left: 18, right: 16, beats: 34 }],
      ['the other way', { left: 18, right: 16, beats: 34 }],
    ]),
  });
});

test('an odd count in all, hand by hand, gives the first side one more', () => {
  const { left, right } = doseTotals(
    reps(7, 1_000, { sides: 'alternating', perSide: false, firstSide: 'R' }),
  );
  expect([left, right]).toEqual([3, 4]);
});

test.each<[string, unknown, string]>([
  ['no repetitions', { ...reps(1, 1_000), count: { mode: 'reps', reps: 0, tempoMs: 1_000 } }, 'at least 1'],
  [
    'a negative count',
    { ...reps(1, 1_000), count: { mode: 'reps', reps: -3, tempoMs: 1_000 } },
    'at least 1',
  ],
  [
    'a hold of 10 000 s',
    { ...reps(1, 1_000), count: { mode: 'hold', holds: 1, holdMs: 10_000_000, relaxMs: 0 } },
    'at most 180 s',
  ],
  ['half a set', { ...reps(1, 1_000), sets: 1.5 }, 'whole number'],
  [
    'two layers of one name',
    { ...reps(1, 1_000), layers: [{ name: 'small' }, { name: 'small' }] },
    'Each layer has a name of its own',
  ],
  [
    'a layer that has no count',
    { ...reps(1, 1_000), layers: [{ name: 'small' }, { name: 'larger', n: 0 }] },
    'The count of a layer must be at least 1',
  ],
  [
    'two passes of one name',
    { ...reps(1, 1_000), passes: [{ name: 'palm up' }, { name: 'palm up' }] },
    'Each pass has a name',
  ],
  ['fewest over most', { ...reps(1, 1_000), fewest: 9, most: 3 }, 'Fewest must not be over most'],
  [
    'a word for a number',
    { ...reps(1, 1_000), count: { mode: 'reps', reps: 'six', tempoMs: 1_000 } },
    'a number',
  ],
])('a dose with %s is refused in words', (_, dose, words) => {
  const result = doseSchema.safeParse(dose);
  expect(result.success).toBe(false);
  expect(result.error?.issues[0]?.message).toContain(words);
});

describe('a dose for a lighter week', () => {
  test.each([
    [reps(10, 2_000, { sets: 3 }), 10, 2],
    [reps(10, 2_000, { sets: 2 }), 7, 2],
    [reps(10, 2_000), 7, 1],
    [reps(8, 2_000, { sets: 3 }), 8, 2],
    [reps(3, 2_000), 2, 1],
    [reps(1, 2_000), 1, 1],
  ])('%j has %i, %i times', (dose, n, sets) => {
    const lighter = lighterDose(dose);
    expect([primaryCount(lighter.count), lighter.sets]).toEqual([n, sets]);
  });

  test('free time and a single hold are shortened alike', () => {
    expect(lighterDose(doseOf({ mode: 'time', timeMs: 30_000 })).count).toMatchObject({ timeMs: 20_000 });
    expect(lighterDose(doseOf({ mode: 'hold', holds: 1, holdMs: 60_000, relaxMs: 0 })).count).toMatchObject({
      holds: 1,
      holdMs: 40_000,
    });
  });

  test('any dose: two thirds as nearly as whole numbers go, never more of anything', () => {
    fc.assert(
      fc.property(anyDose, (dose) => {
        const lighter = lighterDose(dose);
        expect(doseSchema.safeParse(lighter).success).toBe(true);
        const inAll = (d: Dose) => primaryCount(d.count) * d.sets;
        expect(primaryCount(lighter.count)).toBeLessThanOrEqual(primaryCount(dose.count));
        expect(lighter.sets).toBeLessThanOrEqual(dose.sets);
        const isCounted = dose.count.mode !== 'time' && inAll(dose) > 1;
        if (!isCounted) return;
        const off = (n: number) => Math.abs(n - (inAll(dose) * 2) / 3);
        for (let sets = 1; sets <= dose.sets; sets++)
          for (let n = leastCount(dose); n <= primaryCount(dose.count); n++)
            expect(off(n * sets)).toBeGreaterThanOrEqual(off(inAll(lighter)) - 1e-9);
      }),
    );
  });
});

test('what cannot be done as it is written is told, and no movement, school, lighter week or music has any of it', () => {
  const hold = { mode: 'hold', holds: 3, holdMs: 5_000, relaxMs: 0 } as const;
  const fingers = {
    mode: 'sequence',
    rounds: 2,
    steps: ['index', 'middle', 'index'],
    stepMs: 1_000,
  } as const;
  const inAll = { sides: 'alternating', perSide: false } as const;
  expect(doseIssues(reps(9, 1_000, { fewest: 3, most: 8 }))).toEqual([
    expect.stringContaining('between fewest and most'),
  ]);
  expect(doseIssues(doseOf(hold, { most: 200 }))).toEqual([expect.stringContaining('at most 30')]);
  expect(doseIssues(doseOf(fingers))).toEqual([expect.stringContaining('index is named twice')]);
  expect(doseIssues(reps(1, 1_000, inAll))).toEqual([expect.stringContaining('one hand with nothing')]);
  for (const m of MOVEMENTS) {
    const schools = SCHOOLS.flatMap((s) => doseInSchool(m, s) ?? []);
    for (const dose of [m.dose, ...schools]) {
      const all = [dose, lighterDose(dose), fitToMusic(dose, 96)?.dose ?? dose, withBeads(dose, -1) ?? dose];
      expect([m.id, ...all.flatMap(doseIssues)]).toEqual([m.id]);
    }
  }
});
