import { EACH_WAY } from '@/core/dose';
import fc from 'fast-check';
import { cordOf } from '@/core/cord/cord';
import { layOutCord } from '@/core/cord/cord-layout';
import { describeDose, doseWords } from '@/core/dose/describe';
import { doseOf, FINGERS } from '@/core/dose/dose';
import { doseTotals } from '@/core/dose/totals';
import { anyDose } from './arbitrary';

const context = { breathMs: 5_000, slowFirst: false };
const signs = (dose: Parameters<typeof cordOf>[0], line: number) =>
  cordOf(dose).sets[0]![line]!.groups.flat();

test('repetitions are beads in fives, in eights when musical', () => {
  const dose = doseOf({ mode: 'reps', reps: 12, tempoMs: 1_000 });
  expect(cordOf(dose).sets[0]![0]!.groups.map((g) => g.length)).toEqual([5, 5, 2]);
  expect(cordOf({ ...dose, grouping: 8 }).sets[0]![0]!.groups.map((g) => g.length)).toEqual([8, 4]);
});

test('each hand has its own cord, left above right, with its own count', () => {
  const dose = doseOf(
    { mode: 'reps', reps: 4, tempoMs: 1_000 },
    { sides: 'each', firstSide: 'R', extraRight: 2 },
  );
  const lines = cordOf(dose).sets[0]!;
  expect(lines.map((l) => [l.hand, l.groups.flat().length])).toEqual([
    ['L', 4],
    ['R', 6],
  ]);
});

test('both together is one doubled cord; hand by hand hops between two', () => {
  const both = doseOf({ mode: 'reps', reps: 3, tempoMs: 1_000 });
  expect(cordOf(both).sets[0]!.map((l) => l.hand)).toEqual(['both']);
  const hop = doseOf({ mode: 'reps', reps: 2, tempoMs: 1_000 }, { sides: 'alternating' });
  expect(signs(hop, 0).map((s) => s.kind)).toEqual(['bead', 'gap', 'bead', 'gap']);
  expect(signs(hop, 1).map((s) => s.kind)).toEqual(['gap', 'bead', 'gap', 'bead']);
});

test('holds are bars with their seconds, breaths swell, free time is dotted, fingers are lettered', () => {
  expect(signs(doseOf({ mode: 'hold', holds: 1, holdMs: 7_000, relaxMs: 0 }), 0)).toEqual([
    { kind: 'bar', seconds: 7 },
  ]);
  expect(signs(doseOf({ mode: 'breaths', breaths: 2 }), 0).map((s) => s.kind)).toEqual(['swell', 'swell']);
  expect(signs(doseOf({ mode: 'time', timeMs: 20_000 }), 0)).toEqual([{ kind: 'dots', seconds: 20 }]);
  const taps = doseOf({ mode: 'sequence', rounds: 1, steps: [...FINGERS], stepMs: 500 });
  expect(
    signs(taps, 0)
      .map((s) => (s.kind === 'letter' ? s.letter : '?'))
      .join(''),
  ).toBe('TIMRL');
});

const BOTH = [
  ...EACH_WAY,
  ...EACH_WAY.map((p) => ({ ...p, name: `swapped, ${p.name}`, swapped: true as const })),
];

test('a hook says the other direction, a cross that the hands change, a turn another position; sets are cords of their own', () => {
  const dose = doseOf({ mode: 'reps', reps: 3, tempoMs: 1_000 }, { passes: BOTH, sets: 3 });
  const cord = cordOf(dose);
  expect(cord.sets).toHaveLength(3);
  expect(cord.sets[0]![0]!.tails).toEqual(['hook', 'cross']);
  const positions = doseOf(
    { mode: 'reps', reps: 3, tempoMs: 1_000 },
    { passes: ['forward', 'out', 'in'].map((name) => ({ name })) },
  );
  expect(cordOf(positions).sets[0]![0]!.tails).toEqual(['turn', 'turn']);
});

test('a longer hold has a longer bar', () => {
  const width = (holdMs: number) => {
    const shapes = layOutCord(cordOf(doseOf({ mode: 'hold', holds: 1, holdMs, relaxMs: 0 })), 300).shapes;
    const bar = shapes.find((s) => s.kind === 'bar');
    return bar?.kind === 'bar' ? bar.width : 0;
  };
  expect(width(10_000)).toBeGreaterThan(width(5_000));
  expect(width(5_000)).toBeGreaterThan(width(2_000));
});

test('the cord shows every counted thing of one set and pass, and stays inside its width', () => {
  fc.assert(
    fc.property(anyDose, fc.constantFrom(200, 260, 400), (dose, width) => {
      const layout = layOutCord(cordOf(dose), width);
      const drawn = layout.shapes.filter((s) =>
        ['bead', 'bar', 'swell', 'dots', 'letter'].includes(s.kind),
      ).length;
      const once = doseTotals({ ...dose, passes: [] });
      const counted =
        dose.sides === 'alternating' && dose.count.mode === 'time'
          ? dose.sets * (dose.layers?.length ?? 1)
          : once.beats;
      expect(drawn).toBe(counted);
      expect(layout.width).toBeLessThanOrEqual(width + 1);
    }),
    { numRuns: 300 },
  );
});

test.each([
  [
    doseOf({ mode: 'reps', reps: 8, tempoMs: 3_000 }, { sides: 'each', passes: EACH_WAY }),
    '8 times each way, each hand, about 2 minutes',
  ],
  [
    doseOf({ mode: 'hold', holds: 1, holdMs: 5_000, relaxMs: 0 }),
    '1 hold of 5 seconds with both hands, about 5 seconds',
  ],
  [doseOf({ mode: 'breaths', breaths: 5 }), '5 breaths with both hands, about 25 seconds'],
])('the cord in words %#', (dose, words) => {
  expect(describeDose(dose, context)).toBe(words);
});

test('sets, rest and extra are said', () => {
  const dose = doseOf(
    { mode: 'reps', reps: 8, tempoMs: 3_000 },
    { sides: 'each', sets: 2, restMs: 20_000, extraLeft: 2 },
  );
  expect(doseWords(dose)).toBe('8 times each hand, 2 sets with 20 seconds’ rest, 2 more on the left');
});
