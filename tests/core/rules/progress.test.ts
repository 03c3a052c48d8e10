import { usualRungOf } from '@/core/catalogue/rung';
import { CATALOGUE } from '@/catalogue/movements';
import type { Dose } from '@/core/dose/dose';
import { applyStep } from '@/core/plan/edit/step';
import type { PlanStep } from '@/core/plan/edit/step-schema';
import type { Plan } from '@/core/plan/plan';
import { planVolume } from '@/core/plan/check/volume';
import { person } from '../people';
import { baseline, facts, findings, mended, planWith } from '../plans';

const reps = (n: number, tempoMs = 3_000): Partial<Dose> => ({ count: { mode: 'reps', reps: n, tempoMs } });
const squeezes = (n: number, tempoMs?: number) => planWith({ grip: [['ball-squeeze', reps(n, tempoMs)]] });
const after = (plan: Plan, step: PlanStep): Plan => {
  const result = applyStep(plan, step);
  if (!result.ok) throw new Error(result.message);
  return result.value.plan;
};
const usual = usualRungOf(CATALOGUE.movement('ball-squeeze')!.rungs);
const onRung = (plan: Plan, rung: number) => after(plan, { type: 'setRung', rowId: 'ball-squeeze', rung });

describe('G1 one thing at a time', () => {
  test.each<[string, Plan, Plan, string | null]>([
    ['nothing changed', squeezes(6), squeezes(6), null],
    ['count alone', squeezes(6), squeezes(8), null],
    ['speed alone', squeezes(6), squeezes(6, 2_000), null],
    ['rung alone', squeezes(6), onRung(squeezes(6), usual + 1), null],
    ['count and speed', squeezes(6), squeezes(8, 2_000), 'speed (3 s to 2 s each) and count (6 to 8)'],
    ['rung and count', squeezes(6), onRung(squeezes(8), usual + 1), 'count (6 to 8)'],
    ['easier in both', squeezes(8, 2_000), squeezes(6), null],
    ['harder in one, easier in the other', squeezes(6, 2_000), squeezes(8), null],
  ])('%s', (_, last, plan, expected) => {
    const [found] = findings(plan, 'G1', facts({ baseline: baseline(last) }));
    if (expected === null) expect(found).toBeUndefined();
    else expect(found!.text).toContain(expected);
  });

  test('the mend keeps one change and puts the others back', () => {
    const given = facts({ baseline: baseline(squeezes(6)) });
    const after = mended(squeezes(8, 2_000), 'G1', given);
    expect(after.sections.find((s) => s.kind === 'grip')!.rows[0]).toMatchObject({ dose: reps(6, 2_000) });
    expect(findings(after, 'G1', given)).toEqual([]);
  });

  test('longer holds with more of them; a first class compares with nothing', () => {
    const holds = (n: number, holdMs: number) =>
      planWith({ hold: [['palms-press', { count: { mode: 'hold', holds: n, holdMs, relaxMs: 3_000 } }]] });
    expect(findings(holds(5, 6_000), 'G1', facts({ baseline: baseline(holds(3, 5_000)) }))[0]!.text).toBe(
      'Palms press is harder than last time in hold (5 s to 6 s) and count (3 to 5).'.replace(
        'Palms press',
        CATALOGUE.movement('palms-press')!.name,
      ),
    );
    expect(findings(holds(5, 6_000), 'G1', facts({ baseline: null }))).toEqual([]);
  });
});

describe('G2 a gentle rise', () => {
  const regular = person();
  const newcomer = person({ firstName: 'Nell' });
  const sore = person({
    firstName: 'Saul',
    conditions: [{ conditionId: 'knee', side: 'none', state: 'flare', since: null, spots: [] }],
  });
  const attended = { [regular.id]: 9, [sore.id]: 9 };

  test('the volume is repetitions of both hands by effort', () => {
    const { effortOf10 } = CATALOGUE.movement('ball-squeeze')!;
    const plan = planWith({
      grip: [['ball-squeeze', { ...reps(5), sides: 'both', passes: [], sets: 1 }]],
    });
    const putty = (timeMs: number) =>
      planVolume(planWith({ grip: [['putty-pull', { count: { mode: 'time', timeMs } }]] }), CATALOGUE)
        .resisted;
    expect(putty(60_000)).toBe(2 * putty(30_000));
    expect(planVolume(plan, CATALOGUE)).toEqual({ resisted: 2 * 5 * effortOf10, loading: 0 });
    expect(planVolume(onRung(plan, usual + 1), CATALOGUE).resisted).toBe(2 * 5 * (effortOf10 + 1));
  });

  test.each([
    [10, 10, null],
    [10, 12, null],
    [10, 13, 'Resisted repetitions by effort rise by 30 % from last time.'],
    [20, 8, null],
  ])('from %i to %i squeezes for the group', (then, now, expected) => {
    const given = facts({ baseline: baseline(squeezes(then)), people: [regular], attended });
    expect(findings(squeezes(now), 'G2', given)[0]?.text ?? null).toBe(expected);
  });

  test.each([
    ['a newcomer', newcomer, 'Nell'],
    ['someone after a flare', sore, 'Saul'],
  ])('%s is allowed ten in a hundred', (_, who, name) => {
    const given = facts({ baseline: baseline(squeezes(10)), people: [regular, who], attended });
    expect(findings(squeezes(11), 'G2', given)).toEqual([]);
    const [found] = findings(squeezes(12), 'G2', given);
    expect(found).toMatchObject({ severity: 'must', personIds: [who.id] });
    expect(found!.text).toContain(name);
  });

  test('after a lighter week the class before it is what is said, in the finding and in the mend', () => {
    const given = facts({ baseline: baseline(squeezes(10), false), people: [regular], attended });
    const [rise] = findings(squeezes(13, 2_000), 'G2', given);
    expect(rise!.text).toBe('Resisted repetitions by effort rise by 30 % from the last usual week.');
    expect(rise!.mend!.label).toBe('Put it back to the last usual week');
    expect(findings(squeezes(13, 2_000), 'G1', given)[0]!.text).toContain(
      'is harder than in the last usual week in ',
    );
  });

  test('putting the row back mends it', () => {
    const given = facts({ baseline: baseline(squeezes(10)), people: [regular], attended });
    expect(findings(mended(squeezes(20), 'G2', given), 'G2', given)).toEqual([]);
  });

  test('leaning more is told by the loading index', () => {
    const leans = (n: number) => planWith({ load: [['thigh-press', { sets: n }]] });
    const given = facts({ baseline: baseline(leans(1)), people: [regular], attended });
    expect(findings(leans(4), 'G2', given)[0]!.text).toMatch(/^The loading index rises by \d+ %/);
    expect(findings(leans(1), 'G2', given)).toEqual([]);
  });

  test('a first loading is a rise as well: one light seated row may be, a standing lean may not', () => {
    const none = baseline(planWith({ move: ['open-close'] }));
    const given = facts({ baseline: none, people: [regular], attended });
    expect(findings(planWith({ load: ['thigh-press'] }), 'G2', given)).toEqual([]);
    const [found] = findings(planWith({ load: ['chair-seat-lean'] }), 'G2', given);
    expect(found).toMatchObject({ severity: 'must', mend: null });
    expect(found!.text).toBe(
      'Loading begins with more than a first step: there was none last time. One or two light seated rows are enough.',
    );
  });

  test('load cycles of one class are one bout, in one row or in two; the heaviest count first', () => {
    const loading = (...rows: readonly (readonly [string, number])[]) =>
      planVolume(planWith({ load: rows.map(([id, n]) => [id, reps(n)]) }), CATALOGUE).loading;
    expect(loading(['table-lean', 3], ['table-lean', 3])).toBeCloseTo(loading(['table-lean', 6]), 9);
    const both = loading(['table-lean', 6], ['chair-seat-lean', 6]);
    expect(both).toBeCloseTo(loading(['chair-seat-lean', 6], ['table-lean', 6]), 9);
    expect(both).toBeGreaterThan(loading(['chair-seat-lean', 6]));
    expect(both).toBeLessThan(loading(['chair-seat-lean', 12]));
  });

  test('a drop lands with more than it rests with, and a hand alone bears what both would', () => {
    const of = (id: string, dose: Partial<Dose>) =>
      planVolume(planWith({ load: [[id, { ...reps(6), ...dose }]] }), CATALOGUE).loading;
    expect(of('drops-cushion', { sides: 'both' })).toBeCloseTo(2 * of('thigh-press', { sides: 'both' }), 9);
    expect(of('drops-cushion', { sides: 'each' })).toBeCloseTo(2 * of('drops-cushion', { sides: 'both' }), 9);
  });
});
