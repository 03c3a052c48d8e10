import { CATALOGUE } from '@/catalogue/movements';
import { PROPS } from '@/catalogue/props';
import { starterDraft } from '@/catalogue/starter-draft';
import { STARTERS } from '@/catalogue/starters';
import { TASKS } from '@/catalogue/tasks';
import { fittedTo } from '@/core/draft/fit';
import { planOfStarter, starterSections } from '@/core/draft/starter';
import { isSeated } from '@/core/catalogue';
import { checkWithReserve } from '@/core/plan/check/check';
import type { ClassFacts } from '@/core/plan/check/class-facts';
import { mendEffect } from '@/core/plan/check/mend-effect';
import { replaceRows } from '@/core/plan/edit/replace';
import { applyStep } from '@/core/plan/edit/step';
import { emptyPlan, movementRows, planSchema, placedRows, type Plan } from '@/core/plan/plan';
import { USUAL_WAY_IN } from '@/core/plan/way-in';
import { eachNth } from '../runs';
import { solver } from './draft-solver';
import type { PersonCondition } from '@/core/people/person';
import { person } from './people';
import { facts } from './plans';

const condition = (
  conditionId: string,
  side: PersonCondition['side'],
  state: PersonCondition['state'] = 'settled',
): PersonCondition => ({ conditionId, side, state, since: null, spots: [] });

const BAGS = {
  'a full bag': Object.fromEntries(PROPS.map((p) => [p.id, 30])),
  'an empty bag': {},
};
const GROUPS = {
  'nobody yet': [],
  'eight people with nothing on record': Array.from({ length: 8 }, () => person()),
  'a group with thumbs, a fracture, a flare, latex and somebody unscreened': [
    person({ conditions: [condition('thumb-base', 'both')] }),
    person({ conditions: [condition('thumb-base', 'R')] }),
    person({ conditions: [condition('wrist-fracture', 'L')] }),
    person({ conditions: [condition('inflammatory', 'both', 'flare')] }),
    person({ conditions: [condition('latex', 'none')] }),
    person({ screened: false }),
    person(),
    person(),
  ],
};
const fitted = (plan: Plan, f: ClassFacts) =>
  fittedTo(plan, { facts: f, lately: [], breathMs: 5_000, wayIn: USUAL_WAY_IN, tasks: TASKS });

describe.each(STARTERS)('the ready class $name', (starter) => {
  const plan = planOfStarter(starter, CATALOGUE);

  test('is a whole plan: every row is in the catalogue, ids are its own, nobody stands up, and it can be told in rows again', () => {
    expect(planSchema.safeParse(plan).error).toBeUndefined();
    const ids = placedRows(plan).map(({ row }) => row.id);
    expect(new Set(ids).size).toBe(ids.length);
    const rows = starter.sections.flatMap(([, , of]) => of).length;
    expect(ids.length).toBe(rows);
    for (const { movementId } of movementRows(plan)) {
      expect(isSeated(CATALOGUE.movement(movementId)!)).toBe(true);
      if (starter.withoutProps) expect(CATALOGUE.movement(movementId)!.propId).toBeNull();
    }
    expect(starterSections(plan, CATALOGUE)).toEqual(starter.sections);
  });

  test.each(Object.keys(GROUPS) as (keyof typeof GROUPS)[])(
    'fits %s: no must, nothing that a mend would take away, in its time',
    (group) => {
      for (const bag of Object.values(BAGS)) {
        const slotMs = starter.minutes * 60_000;
        const f = facts({ people: GROUPS[group], bag, shown: [], week: 1, slotMs, helpers: 1 });
        const { plan: ready, gaveWay } = fitted(plan, f);
        const check = checkWithReserve(ready, f);
        const due = check.findings.filter(
          (x) =>
            x.severity === 'must' ||
            (x.severity === 'should' && x.mend && mendEffect(ready, f, check, x.mend)),
        );
        expect(due.map((x) => `${x.code} ${x.text}`)).toEqual([]);
        expect(check.timing.totalMs).toBeLessThanOrEqual(slotMs);
        expect(check.timing.totalMs).toBeGreaterThan(0.8 * slotMs);
        const done = movementRows(ready).map((r) => r.movementId);
        for (const { to, why } of gaveWay) {
          expect(why).not.toBe('');
          if (!to) continue;
          expect(done).toContain(to);
          // What stands in is no step of the ladder of loads whose first steps nobody here has done.
          const { effort, follows } = CATALOGUE.movement(to)!;
          const before = follows.filter((id) => CATALOGUE.movement(id)!.effort === effort);
          if (effort === 'load' && before.length > 0) expect(done).toEqual(expect.arrayContaining(before));
        }
        const waters = placedRows(ready).flatMap(({ row }, i) =>
          row.kind === 'break' && row.what === 'water' ? [check.timing.rows[i]!.startMs] : [],
        );
        const apart = waters.slice(1).map((ms, i) => ms - waters[i]!);
        expect(Math.min(Infinity, ...apart)).toBeGreaterThan(4 * 60_000);
      }
    },
  );

  test('taken into an empty plan it is there section by section, and one undo takes it out again', () => {
    const step = replaceRows(emptyPlan(), plan)!;
    const taken = applyStep(emptyPlan(), step);
    if (!taken.ok) throw new Error(taken.message);
    const told = (p: Plan) =>
      p.sections.filter((s) => s.rows.length > 0).map((s) => [s.name, s.rows.map((r) => r.id)]);
    expect(told(taken.value.plan)).toEqual(told(plan));
    const back = applyStep(taken.value.plan, taken.value.inverse);
    expect(back.ok && back.value.plan).toEqual(emptyPlan());
    // Into a plan that has all of it already, and another one more section of a kind.
    const again = applyStep(taken.value.plan, replaceRows(taken.value.plan, plan)!);
    expect(again.ok && told(again.value.plan)).toEqual(told(plan));
  });
});

test('they are what a draft makes of their wishes', async () => {
  const solve = await solver();
  for (const starter of eachNth([...STARTERS].reverse(), 3)) {
    const draft = starterDraft(starter, solve);
    expect(draft.ok && starterSections(draft.value.plan, CATALOGUE)).toEqual(starter.sections);
  }
}, 600_000);
