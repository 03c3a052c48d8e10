import fc from 'fast-check';
import { CAUTIONS } from '@/catalogue/cautions/cautions';
import { CATALOGUE } from '@/catalogue/movements';
import { doseTotals } from '@/core/dose/totals';
import { movementRows } from '@/core/plan/plan';
import { FAMILIES, familyOf } from '@/core/progress/family';
import { verdictFor } from '@/core/screening/verdict';
import { donePlan, doneByPerson } from '@/core/term/done';
import { addTermVolumes, NO_TERM_VOLUME, volumeOf, type VerdictOn } from '@/core/term/volumes';
import { anyPlan } from '../arbitrary';
import { person } from '../people';
import { planWith } from '../plans';

const screening = { table: CAUTIONS, catalogue: CATALOGUE, today: '2026-11-25' };

/** 8 wrist bends each hand, 3 stretches of 20 s each hand, 5 holds of 6 s with both, 6 squeezes at effort three. */
const plan = planWith({
  move: [
    ['wrist-bend', { count: { mode: 'reps', reps: 8, tempoMs: 2_000 }, sides: 'each', sets: 1, passes: [] }],
    [
      'wrist-stretch-palm',
      {
        count: { mode: 'hold', holds: 3, holdMs: 20_000, relaxMs: 0 },
        sides: 'each',
        sets: 1,
        passes: [],
      },
    ],
  ],
  hold: [
    ['palms-press', { count: { mode: 'hold', holds: 5, holdMs: 6_000, relaxMs: 0 }, sides: 'both', sets: 1 }],
  ],
  grip: [
    [
      'ball-squeeze',
      { count: { mode: 'reps', reps: 6, tempoMs: 3_000 }, sides: 'each', sets: 2, passes: [] },
    ],
  ],
});

test('what a class asks for, by hand', () => {
  const effort = CATALOGUE.movement('ball-squeeze')!.effortOf10;
  const volume = volumeOf(plan, CATALOGUE);
  expect(volume.reps).toEqual({
    mobility: 16,
    stretch: 6,
    'still holds': 10,
    grip: 24,
    opening: 0,
    loading: 0,
  });
  expect(volume.stretchMs).toBe(60_000);
  expect(volume.holdMs).toBe(30_000);
  expect(volume.gripEffort).toBe(24 * effort);
  expect(volume.loading).toBe(0);
  expect(volume.joints).toContain('wrist');
});

test('a week is the exact sum of its classes; joints are counted once', () => {
  const one = volumeOf(plan, CATALOGUE);
  const week = addTermVolumes([one, one, one]);
  expect(week.reps.grip).toBe(72);
  expect(week.stretchMs).toBe(180_000);
  expect(week.joints).toEqual(one.joints);
  expect(addTermVolumes([])).toEqual(NO_TERM_VOLUME);
});

test('the order of the classes of a week makes no difference, nor how they are added up', () => {
  fc.assert(
    fc.property(fc.array(anyPlan, { maxLength: 4 }), (plans) => {
      const volumes = plans.map((p) => volumeOf(p, CATALOGUE));
      const [there, back] = [addTermVolumes(volumes), addTermVolumes([...volumes].reverse())];
      expect(there.reps).toEqual(back.reps);
      expect(there.holdMs).toBe(back.holdMs);
      expect(there.joints).toEqual(back.joints);
      expect(there.loading).toBeCloseTo(back.loading, 9);
      const inTwo = addTermVolumes([addTermVolumes(volumes.slice(0, 1)), addTermVolumes(volumes.slice(1))]);
      expect(inTwo.reps).toEqual(there.reps);
    }),
  );
});

test('repetitions by family are the totals of the doses', () => {
  fc.assert(
    fc.property(anyPlan, (p) => {
      const volume = volumeOf(p, CATALOGUE);
      for (const family of FAMILIES) {
        const counted = movementRows(p)
          .filter((r) => familyOf(CATALOGUE.movement(r.movementId)!) === family)
          .reduce((n, r) => n + doseTotals(r.dose).left + doseTotals(r.dose).right, 0);
        expect(volume.reps[family]).toBe(counted);
      }
    }),
  );
});

test('a person whose hand is not cleared is asked for nothing there, and nobody for more than the plan', () => {
  const broken = person({
    conditions: [{ conditionId: 'wrist-fracture', side: 'L', state: 'not cleared', since: null, spots: [] }],
  });
  const asked: VerdictOn = (movement, row) => verdictFor(broken, movement, row.dose, screening);
  const [own, whole] = [volumeOf(plan, CATALOGUE, asked), volumeOf(plan, CATALOGUE)];
  expect(own.reps.grip).toBeLessThanOrEqual(12);
  for (const family of FAMILIES) expect(own.reps[family]).toBeLessThanOrEqual(whole.reps[family]);
  expect(own.gripEffort).toBeLessThanOrEqual(whole.gripEffort);
});

test('done is what was counted and not skipped, less what a person skipped', () => {
  const record = new Map([
    ['wrist-bend', { actualMs: 1, leadMs: 0, counted: true, skipped: false, runs: [] }],
    ['ball-squeeze', { actualMs: 1, leadMs: 0, counted: true, skipped: false, runs: [] }],
    ['palms-press', { actualMs: 1, leadMs: 0, counted: true, skipped: true, runs: [] }],
  ]);
  const done = donePlan(plan, record);
  expect(movementRows(done).map((r) => r.id)).toEqual(['wrist-bend', 'ball-squeeze']);
  const mark = (rowId: string, kind: 'skipped' | 'eased') =>
    ({ id: rowId, personId: 'p', rowId, mark: kind, atMs: 0 }) as const;
  const own = doneByPerson(done, [mark('ball-squeeze', 'skipped'), mark('wrist-bend', 'eased')], 'p');
  expect(movementRows(own).map((r) => r.id)).toEqual(['wrist-bend']);
  expect(doneByPerson(done, [mark('ball-squeeze', 'skipped')], 'somebody else')).toEqual(done);
});
