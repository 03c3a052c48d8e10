import fc from 'fast-check';
import { MOVEMENTS } from '@/catalogue/movements';
import { doneWith } from '@/core/catalogue';
import { doseWords, toldDose } from '@/core/dose/describe';
import { doseOf } from '@/core/dose/dose';
import { doseTotals } from '@/core/dose/totals';
import { anyDose } from './arbitrary';

const find = (id: string) => MOVEMENTS.find((m) => m.id === id)!;

test('no dose of feet, head, trunk, breath, looking or reading is told with hands', () => {
  const ofHands = ['thumb', 'fingers', 'wrist', 'forearm'];
  for (const m of MOVEMENTS) {
    const moves = m.joints.some((j) => ofHands.includes(j));
    const words = toldDose(m.dose, doneWith(m));
    const isQuiet = m.effort === 'breath' || m.effort === 'notice';
    if (!moves || isQuiet) expect([m.id, words]).toEqual([m.id, expect.not.stringMatching(/\bhands?\b/)]);
    else if (m.passes.length === 0)
      expect([m.id, words]).toEqual([m.id, expect.stringMatching(/\bhands?\b/)]);
    if (!moves && m.joints.includes('legs')) expect(words).toMatch(/foot|feet/);
    expect(words).not.toMatch(/side by side/);
  }
});

test('a second pass is told by what it is: the other way of what has a direction, hands on top of what is stacked', () => {
  for (const m of MOVEMENTS) {
    const words = doseWords(m.dose, doneWith(m));
    expect([m.id, words]).toEqual([
      m.id,
      expect.not.stringMatching(/the other way|other hand on top|both directions/),
    ]);
    for (const pass of m.dose.passes) {
      const isTold = words.includes(pass.name) || words.includes('each way');
      expect([m.id, pass.name, isTold]).toEqual([m.id, pass.name, true]);
    }
  }
});

test.each([
  ['clasped-circles', '5 times each way, then 5 with the other thumb in front, each way, with both hands'],
  ['ball-squeeze', '6 times palm down, then 6 palm up, each hand'],
  ['cloth-pull', '2 holds of 5 seconds with the right hand on top, then 2 with the left hand on top'],
  ['finger-wave', '4 rounds little finger first (little, ring, middle, index, open), then 4 index first'],
  ['thumb-to-tips', '3 rounds of index, middle, ring, little, there and back, with both hands'],
  ['wrist-shake', 'for 5 seconds palms down, then 5 seconds palms up'],
  ['web-stretch', '1 hold of 1 minute with both hands'],
])('%s is told as “%s”', (id, words) => {
  expect(doseWords(find(id).dose, doneWith(find(id)))).toBe(words);
});

test('layers, an end that is told, and more for a finger are said', () => {
  const layered = doseOf(
    { mode: 'reps', reps: 4, tempoMs: 2_000 },
    { layers: [{ name: 'small' }, { name: 'with the arms', n: 6 }] },
  );
  expect(doseWords(layered)).toBe('4 times with both hands, built up: small, then with the arms 6');
  const open = doseOf(
    { mode: 'hold', holds: 1, holdMs: 15_000, relaxMs: 0, untilTold: true },
    { sides: 'each' },
  );
  expect(doseWords(open)).toBe('until told, usually 1 hold of 15 seconds each hand');
  const steps = ['index', 'ring'];
  const more = doseOf({
    mode: 'sequence',
    rounds: 1,
    steps,
    stepMs: 1_000,
    more: [{ step: 'ring', times: 2, ms: 3_000 }],
  });
  expect(doseWords(more)).toBe('1 round of index, ring, ring 2 times more for 3 seconds, with both hands');
  const uneven = doseOf(
    { mode: 'reps', reps: 5, tempoMs: 2_000 },
    { sides: 'each', passes: [{ name: 'palm down' }, { name: 'palm up', extra: 2 }] },
  );
  expect(doseWords(uneven)).toBe('5 times palm down, then 7 palm up, each hand');
});

test.each([
  ['ankle-circles', /each foot/],
  ['ankle-bends', /5 times with both feet/],
  ['head-turns', /^2 times each side, in turn$/],
  ['heel-toe-arms', /each foot, alternating/],
  ['closing-reading', /^for 45 seconds$/],
  ['quiet-breath', /^10 breaths/],
])('%s: %s', (id, words) => {
  const m = find(id);
  expect(doseWords(m.dose, doneWith(m))).toMatch(words);
});

test('the range is told with the dose, where there is one', () => {
  const reps = (fewest: number, most: number) =>
    toldDose(doseOf({ mode: 'reps', reps: 6, tempoMs: 3_000 }, { sides: 'each', fewest, most }));
  expect(reps(5, 10)).toBe('6 times each hand (5-10)');
  expect(reps(6, 6)).toBe('6 times each hand');
  expect(toldDose(doseOf({ mode: 'time', timeMs: 20_000 }, { fewest: 1, most: 2 }))).toBe(
    'for 20 seconds with both hands',
  );
});

test('what one hand has more of is in the words just as it is in the beads', () => {
  fc.assert(
    fc.property(anyDose, fc.nat(5), fc.nat(5), (any, extraLeft, extraRight) => {
      const dose = { ...any, extraLeft, extraRight };
      const plain = doseTotals({ ...any, extraLeft: 0, extraRight: 0 });
      const totals = doseTotals(dose);
      expect(/more on the left/.test(doseWords(dose))).toBe(totals.left > plain.left);
      expect(/more on the right/.test(doseWords(dose))).toBe(totals.right > plain.right);
    }),
  );
});
