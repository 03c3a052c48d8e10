import { CATALOGUE, MOVEMENTS } from '@/catalogue/movements';
import { primaryCount } from '@/core/dose/dose';
import { doseInSchool, SCHOOLS, type School } from '@/core/catalogue/school';

const inSchool = (id: string, school: School) => doseInSchool(CATALOGUE.movement(id)!, school);

test.each<[string, School, object]>([
  ['ball-squeeze', 'gentle', { count: { reps: 3 }, fewest: 3, most: 5, sets: 1 }],
  ['ball-squeeze', 'clinical', { count: { reps: 8 }, fewest: 8, most: 12 }],
  ['wrist-up-hold', 'clinical', { count: { holds: 5, holdMs: 5_000 } }],
  ['wrist-up-hold', 'gentle', { count: { holdMs: 3_000 } }],
  ['wrist-stretch-palm', 'clinical', { count: { holds: 2, holdMs: 10_000 }, most: 4 }],
  ['web-stretch', 'long low', { count: { holds: 3, holdMs: 60_000 }, most: 5 }],
  ['web-stretch', 'breath', { count: { mode: 'breaths', breaths: 10 }, most: 15 }],
  ['palms-turn', 'breath', { count: { mode: 'breaths', breaths: 3 }, most: 5 }],
  ['palms-turn', 'musical', { count: { reps: 8 }, most: 16, grouping: 8 }],
  ['tap-backs', 'series', { count: { reps: 20 }, most: 40 }],
  ['alternate-fists', 'series', null as unknown as object],
])('%s in the %s school', (id, school, wanted) => {
  if (wanted === null) expect(inSchool(id, school)).toBeNull();
  else expect(inSchool(id, school)).toMatchObject(wanted);
});

test('a school that does not count such a movement says nothing rather than something odd', () => {
  expect(inSchool('look-at-hands', 'clinical')).toBeNull();
  expect(inSchool('ball-squeeze', 'series')).toBeNull();
  expect(inSchool('ball-squeeze', 'long low')).toBeNull();
  expect(inSchool('tub-lid', 'musical')).toBeNull();
  expect(inSchool('five-shapes', 'breath')).toBeNull();
});

test('every movement has a gentle dose, never more than its usual one but for a stretch’s own shortest', () => {
  for (const m of MOVEMENTS) {
    const gentle = doseInSchool(m, 'gentle')!;
    if (m.dose.count.mode === 'reps')
      expect([m.id, primaryCount(gentle.count)]).toEqual([m.id, Math.min(3, primaryCount(gentle.count))]);
  }
});

test('no school holds an effort over ten seconds, or leaves a side or direction out', () => {
  for (const m of MOVEMENTS)
    for (const school of SCHOOLS) {
      const dose = doseInSchool(m, school);
      if (!dose) continue;
      expect([dose.sides, dose.passes]).toEqual([m.dose.sides, m.dose.passes]);
      expect(dose.fewest).toBeLessThanOrEqual(primaryCount(dose.count));
      expect(primaryCount(dose.count)).toBeLessThanOrEqual(dose.most);
      if (dose.count.mode === 'hold' && m.effort !== 'stretch')
        expect([m.id, school, dose.count.holdMs <= 10_000]).toEqual([m.id, school, true]);
    }
});
