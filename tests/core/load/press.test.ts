import { CATALOGUE } from '@/catalogue/movements';
import { primaryCount, withPrimaryCount } from '@/core/dose/dose';
import { loadsOfRow, outOfReach } from '@/core/load/person-load';
import {
  loadFor,
  plannedShare,
  loadSettingSchema,
  loadSettingWords,
  type LoadSetting,
} from '@/core/stance/load-setting';
import { loadOfStance } from '@/core/stance/stance';
import { PLANNED_SHARE } from '@/core/stance/set-up-share';
import { checkPlan } from '@/core/plan/check/check';
import { comparePlans } from '@/core/plan/look/compare';
import { harderThan } from '@/core/plan/check/harder';
import type { MovementRow } from '@/core/plan/plan';
import { applyStep } from '@/core/plan/edit/step';
import { planVolume } from '@/core/plan/check/volume';
import type { Result } from '@/core/result';
import type { Verdict } from '@/core/screening/verdict';
import { person } from '../people';
import { facts, planWith } from '../plans';

const worktop = CATALOGUE.movement('worktop-lean')!;
const lower: LoadSetting = {
  stance: { kind: 'lean', surface: 'flat', pivot: 'toes', handHeightM: 0.7 },
  statureM: 1.7,
  leftShare: 0.6,
};
const plan = planWith({ load: ['worktop-lean'] });
const row = plan.sections.flatMap((s) => s.rows)[0] as MovementRow;
const set = (press: LoadSetting | null) => applyStep(plan, { type: 'setPress', rowId: row.id, press });
const valueOf = <T>(result: Result<T>): T => {
  if (!result.ok) throw new Error(result.message);
  return result.value;
};
const everyone = (id: string): Verdict | null => {
  const hand = { kind: 'do' } as Verdict['L'];
  return id ? { L: hand, R: hand, worst: 'do' } : null;
};

test('a press set at the bench says what it is, and only what can be set is taken', () => {
  expect(loadSettingWords(lower)).toBe('hands 70 cm up, 60 % of it on the left hand');
  expect(
    loadSettingWords({ stance: { kind: 'all fours', forwardM: -0.05 }, statureM: 1.6, leftShare: 0.5 }),
  ).toBe('hips 5 cm back');
  expect(loadSettingSchema.safeParse({ ...lower, leftShare: 1.2 }).success).toBe(false);
  expect(loadSettingSchema.safeParse({ ...lower, stance: { kind: 'handstand' } }).success).toBe(false);
});

test('what it puts on a hand counts for the class, split as it was set', () => {
  const { middle } = valueOf(loadOfStance(lower.stance, 1.7)).wrist;
  const pressed = { ...worktop, press: lower };
  expect(plannedShare(pressed, 'L')).toBeCloseTo(middle * 0.6, 9);
  expect(plannedShare(pressed, 'R')).toBeCloseTo(middle * 0.4, 9);
  expect(plannedShare(worktop, 'L')).toBe(PLANNED_SHARE.worktop);
  const heavier = valueOf(set(lower));
  expect(planVolume(heavier.plan, CATALOGUE).loading).toBeGreaterThan(planVolume(plan, CATALOGUE).loading);
});

test('each person bears it with their own body, on the busier hand', () => {
  const people = [person({ heightCm: 170, massKg: 60 }), person({ heightCm: 150, massKg: 60 })];
  const usual = loadsOfRow(worktop, people, everyone);
  const pressed = loadsOfRow({ ...worktop, press: lower }, people, everyone);
  pressed.forEach((load, i) => expect(load.toKg).toBeGreaterThan(usual[i]!.toKg));
  const { low, high } = valueOf(loadFor({ ...worktop, press: lower }, 1.7)!).wrist;
  expect(pressed[0]!.fromKg).toBeCloseTo(low * 60 * 0.6, 9);
  expect(pressed[0]!.toKg).toBeCloseTo(high * 60 * 0.6, 9);
});

test('whose hands do not reach is told apart', () => {
  const high: LoadSetting = {
    ...lower,
    stance: { ...lower.stance, handHeightM: 1.35 } as LoadSetting['stance'],
  };
  const [tall, short] = [person({ heightCm: 200, massKg: 70 }), person({ heightCm: 140, massKg: 50 })];
  expect(outOfReach({ ...worktop, press: high }, [tall, short])).toEqual([short]);
  expect(outOfReach(worktop, [tall, short])).toEqual([]);
});

test('setting and unsetting are one undoable step, said in a comparison, and heavier counts as harder', () => {
  const heavier = valueOf(set(lower));
  expect(valueOf(applyStep(heavier.plan, heavier.inverse)).plan).toEqual(plan);
  const [change] = comparePlans(heavier.plan, plan, CATALOGUE).changed;
  expect(change!.differs).toEqual([['the usual set-up', loadSettingWords(lower)]]);
  const [harder] = harderThan({ ...row, press: lower }, row, worktop);
  expect(harder).toMatchObject({ what: 'weight' });
  expect(harder!.putBack({ ...row, press: lower })).toEqual(row);
  expect(harderThan(row, { ...row, press: lower }, worktop)).toEqual([]);
});

test('more weight and more repetitions at once is one change too many', () => {
  const more = { ...row.dose, count: withPrimaryCount(row.dose.count, primaryCount(row.dose.count) + 3) };
  const now = planWith({ load: [{ ...row, dose: more, press: lower }] });
  const codes = checkPlan(now, facts({ baseline: { plan, isLastTaught: true } })).findings.map((f) => f.code);
  expect(codes).toContain('G1');
});
