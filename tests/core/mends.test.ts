import fc from 'fast-check';
import { checkPlan } from '@/core/plan/check/check';
import { mendEffect } from '@/core/plan/check/mend-effect';
import { muteStep, unmuteStep, withoutMutes } from '@/core/plan/edit/mute';
import { rankedCuts } from '@/core/plan/check/shorten';
import { contextOf } from '@/core/plan/check/check';
import { applyStep } from '@/core/plan/edit/step';
import type { PlanStep } from '@/core/plan/edit/step-schema';
import { placedRows, planSchema, type Plan } from '@/core/plan/plan';
import { anyPlan, anyStep } from './arbitrary';
import { person } from './people';
import { facts, findings, planWith, rest, talk } from './plans';
import { runs } from '../runs';

const after = (plan: Plan, step: PlanStep): Plan => {
  const result = applyStep(plan, step);
  if (!result.ok) throw new Error(result.message);
  return result.value.plan;
};
const musts = (plan: Plan, f = facts()) =>
  checkPlan(plan, f).findings.filter((x) => x.severity === 'must').length;

const tired = planWith({
  grip: ['ball-squeeze', 'ball-flat-fingers', 'ring-squeeze'],
  settle: ['quiet-breath', 'look-again'],
});

describe('a mend is tried out before it is offered', () => {
  test('it says the class’s length and who is served, before and after', () => {
    const f = facts({
      people: [
        person(),
        person({
          conditions: [
            { conditionId: 'hand-surgery', side: 'both', state: 'not cleared', since: null, spots: [] },
            { conditionId: 'spine-fracture', side: 'none', state: 'flare', since: null, spots: [] },
          ],
        }),
      ],
    });
    const check = checkPlan(tired, f);
    const mend = findings(tired, 'R1', f)[0]!.mend!;
    const effect = mendEffect(tired, f, check, mend)!;
    // The break takes the place of a shake-out.
    expect(effect.lengthMs[1] - effect.lengthMs[0]).toBe(25_000);
    expect(effect.served).toEqual([1, 1]);
  });

  test('what would drop the ending, break a must or no longer fits is not offered', () => {
    const check = checkPlan(tired, facts());
    const offer = (step: PlanStep) => mendEffect(tired, facts(), check, { label: 'x', step });
    expect(offer({ type: 'removeRow', rowId: 'quiet-breath' })).toBeNull();
    expect(offer({ type: 'removeRow', rowId: 'gone' })).toBeNull();
    const good = planWith({
      arrive: ['look-at-hands'],
      wake: ['warm-palms'],
      settle: ['quiet-breath', 'look-again'],
    });
    const row = planWith({ move: ['wall-lean'] }).sections.find((s) => s.kind === 'move')!.rows[0]!;
    const breaks = { type: 'insertRow', sectionId: 'arrive', index: 0, row } as const;
    expect(mendEffect(good, facts(), checkPlan(good, facts()), { label: 'x', step: breaks })).toBeNull();
  });

  test('over any plan, an offered mend applies, breaks no must more, and keeps the ending as long', () => {
    const f = facts({ slotMs: 12 * 60_000, people: [person()] });
    fc.assert(
      fc.property(anyPlan, (plan) => {
        const check = checkPlan(plan, f);
        for (const { mend } of check.findings) {
          const effect = mend && mendEffect(plan, f, check, mend);
          if (!effect) continue;
          const next = after(plan, mend.step);
          expect(planSchema.safeParse(next).success).toBe(true);
          expect(musts(next, f)).toBeLessThanOrEqual(musts(plan, f));
          expect(checkPlan(next, f).timing.endingMs).toBeGreaterThanOrEqual(check.timing.endingMs);
        }
      }),
      { numRuns: runs(120, 1 / 3) },
    );
  });
});

test('after any edits and the mends they bring, taking all of it back gives the first plan', () => {
  const f = facts({ slotMs: 20 * 60_000, people: [person()] });
  fc.assert(
    fc.property(anyPlan, fc.array(anyStep, { maxLength: 6 }), (first, steps) => {
      let plan = first;
      const inverses: PlanStep[] = [];
      const carryOut = (step: PlanStep) => {
        const applied = applyStep(plan, step);
        if (!applied.ok) return;
        plan = applied.value.plan;
        inverses.unshift(applied.value.inverse);
      };
      for (const step of steps) {
        carryOut(step);
        const mend = checkPlan(plan, f).findings.find((x) => x.mend)?.mend;
        if (mend) carryOut(mend.step);
      }
      for (const inverse of inverses) plan = after(plan, inverse);
      expect(plan).toEqual(first);
    }),
    { numRuns: runs(120, 1 / 3) },
  );
});

describe('muting a rule for one class', () => {
  const mute = (reason: string) => after(tired, muteStep(tired, { code: 'R1', reason }));

  test('a must stays loud without a reason, and is quiet with one', () => {
    expect(findings(mute(''), 'R1')).not.toEqual([]);
    expect(findings(mute('they shake out by themselves'), 'R1')).toEqual([]);
    expect(checkPlan(mute('they do'), facts()).muted.map((x) => x.code)).toContain('R1');
  });

  test('a should is quiet with no reason, its musts are not', () => {
    const plan = planWith({ grip: ['ball-squeeze', 'alternate-fists'] });
    const quiet = after(plan, muteStep(plan, { code: 'O3', reason: '' }));
    expect(findings(plan, 'O3')).toHaveLength(1);
    expect(findings(quiet, 'O3')).toEqual([]);
  });

  test('muting again replaces the reason, unmuting and undoing bring the rule back, another class starts afresh', () => {
    const twice = after(mute('a'), muteStep(mute('a'), { code: 'R1', reason: 'b' }));
    expect(twice.mutes).toEqual([{ code: 'R1', reason: 'b' }]);
    expect(after(twice, unmuteStep(twice, 'R1'))).toEqual(tired);
    expect(withoutMutes(twice)).toEqual(tired);
    const applied = applyStep(tired, muteStep(tired, { code: 'R1', reason: 'a' }));
    expect(applied.ok && after(applied.value.plan, applied.value.inverse)).toEqual(tired);
  });
});

describe('what to shorten', () => {
  const plan = planWith({
    arrive: [talk('hello', 180), 'look-at-hands'],
    move: [['open-close', { sets: 2 }]],
    grip: ['ball-squeeze', 'wrist-bend', 'wrist-bend'],
    load: ['thigh-press', 'backs-together', 'wrist-shake'],
    ease: [rest('w', 'water', 60)],
    settle: ['quiet-breath', 'look-again', talk('bye', 90)],
  });
  const cuts = rankedCuts(contextOf(plan, facts()));

  test('never the ending, a counter-stretch, a shake or a look at the hands', () => {
    const untouched = [
      'look-at-hands',
      'backs-together',
      'wrist-shake',
      'quiet-breath',
      'look-again',
      'bye',
      'w',
    ];
    for (const id of untouched) expect(cuts.map((c) => c.rowId)).not.toContain(id);
  });

  test('each says what it truly saves, cheapest loss for its time first', () => {
    const totalMs = (p: Plan) => checkPlan(p, facts()).timing.totalMs;
    for (const cut of cuts) expect(totalMs(plan) - totalMs(after(plan, cut.step))).toBe(cut.savedMs);
    const price = cuts.map((c) => c.loss / c.savedMs);
    expect(price).toEqual([...price].sort((a, b) => a - b));
    expect(cuts[0]!.rowId).toBe('hello');
    expect(cuts.at(-1)!.how).toBe('left out');
  });

  test('over any plan no cut touches the ending', () => {
    fc.assert(
      fc.property(anyPlan, (p) => {
        const settle = placedRows(p).filter((r) => r.section.kind === 'settle');
        const cut = new Set(rankedCuts(contextOf(p, facts())).map((c) => c.rowId));
        expect(settle.filter((r) => cut.has(r.row.id))).toEqual([]);
      }),
      { numRuns: runs(180, 1 / 3) },
    );
  });
});
