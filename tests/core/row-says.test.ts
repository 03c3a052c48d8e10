import { CATALOGUE, MOVEMENTS } from '@/catalogue/movements';
import { SAID } from '@/catalogue/movements/said';
import { canBeJoined } from '@/core/catalogue';
import { movementOfRow } from '@/core/plan/at-rung';
import { checkPlan, contextOf } from '@/core/plan/check/check';
import { cheapestCuts, rankedCuts } from '@/core/plan/check/shorten';
import { isToStay, newSection, repeatSection, sectionKindsToAdd } from '@/core/plan/edit/edit-sections';
import { misfitIn } from '@/core/plan/edit/misfit';
import { applyStep } from '@/core/plan/edit/step';
import type { PlanStep } from '@/core/plan/edit/step-schema';
import { remindersByRow } from '@/core/plan/look/reminders';
import { emptyPlan, findRow, placedRows, planSchema, type MovementRow, type Plan } from '@/core/plan/plan';
import { cueLines } from '@/core/paper/cue-lines';
import { VERDICTS, shortAdaptation } from '@/core/screening';
import { proposals } from '@/core/teach/keep-to-time';
import { person } from './people';
import { facts, planWith, talk } from './plans';

const after = (plan: Plan, step: PlanStep | null): Plan => {
  const result = step && applyStep(plan, step);
  if (!result?.ok) throw new Error(result?.message ?? 'nothing to do');
  return result.value.plan;
};
const set = (plan: Plan, rowId: string, what: Partial<MovementRow>): Plan => ({
  ...plan,
  sections: plan.sections.map((s) => ({
    ...s,
    rows: s.rows.map((r) => (r.id === rowId && r.kind === 'movement' ? { ...r, ...what } : r)),
  })),
});
const rowOf = (plan: Plan, id: string) => findRow(plan, id)!.row as MovementRow;

describe('a row in words of one’s own', () => {
  const plan = set(planWith({ grip: ['ball-squeeze'] }), 'ball-squeeze', {
    words: { name: 'Lemon', felt: 'in the whole palm', goodFor: 'watering cans' },
  });

  test('its name, where it is felt and what it is for stand wherever the movement does', () => {
    expect(movementOfRow(rowOf(plan, 'ball-squeeze'), CATALOGUE)).toMatchObject({
      id: 'ball-squeeze',
      name: 'Lemon',
      felt: 'in the whole palm',
      goodFor: 'watering cans',
    });
    const [line] = cueLines(plan, checkPlan(plan, facts()), facts()).sections[0]!.lines;
    expect(line!.title).toBe('Lemon');
    expect(line!.say).toContain('Felt: in the whole palm. Good for watering cans.');
  });

  test('less effort is aimed for in words and judged at the movement’s own; more is judged at more', () => {
    const usual = CATALOGUE.movement('ball-squeeze')!.effortOf10;
    const at = (effortOf10: number) => {
      const row = rowOf(set(plan, 'ball-squeeze', { effortOf10 }), 'ball-squeeze');
      const { aim, effortOf10: judged } = movementOfRow(row, CATALOGUE)!;
      return [aim, judged];
    };
    expect(at(usual - 2)).toEqual([usual - 2, usual]);
    expect(at(9)).toEqual([9, 9]);
  });

  test('every line of the catalogue belongs to a movement and reads on from “felt:” or “good for”', () => {
    for (const [id, { felt = '', goodFor = '' }] of Object.entries(SAID)) {
      expect(CATALOGUE.movement(id)).toBeDefined();
      for (const words of [felt, goodFor].filter(Boolean)) expect(words).toMatch(/^[a-z].{2,80}[a-z]$/);
    }
    const asksEffort = MOVEMENTS.filter((m) => ['grip', 'pinch', 'stretch', 'load'].includes(m.effort));
    expect(asksEffort.filter((m) => m.felt === '').map((m) => m.id)).toEqual([]);
  });
});

describe('two movements in one row', () => {
  const joined = (joinedId: string) => set(planWith({ move: ['open-close'] }), 'open-close', { joinedId });

  test('it is called and described as both', () => {
    const movement = movementOfRow(rowOf(joined('ankle-bends'), 'open-close'), CATALOGUE)!;
    expect(movement.name).toBe('Open wide, close gently with ankles up and down');
    expect(movement.what).toContain('Meanwhile: ');
    expect(movement.cues).toEqual(expect.arrayContaining([...CATALOGUE.movement('ankle-bends')!.cues]));
  });

  test('whoever may not do the other does the hands alone, and nobody’s verdict is milder', () => {
    const conditions = ['shoulder-pain', 'breathless', 'knee-hip', 'spine-fracture', 'dizzy']
      .flatMap((conditionId) => facts().cautions.conditions.filter((c) => c.id === conditionId))
      .concat(facts().cautions.conditions);
    const people = conditions.map(({ id }) =>
      person({ conditions: [{ conditionId: id, side: 'none', state: 'flare', since: null, spots: [] }] }),
    );
    const given = facts({ people });
    const alone = checkPlan(planWith({ move: ['open-close'] }), given).verdicts.get('open-close')!;
    let handsAlone = 0;
    for (const { id } of MOVEMENTS.filter(canBeJoined)) {
      const together = checkPlan(joined(id), given).verdicts.get('open-close')!;
      for (const p of people) {
        const [was, is] = [alone.get(p.id)!, together.get(p.id)!];
        for (const hand of ['L', 'R'] as const) {
          expect(VERDICTS.indexOf(is[hand].kind)).toBeGreaterThanOrEqual(VERDICTS.indexOf(was[hand].kind));
          if (is[hand].how.includes('the hands alone')) handsAlone++;
        }
      }
    }
    expect(handsAlone).toBeGreaterThan(10);
  });

  test('what uses the hands, stands or holds a prop cannot be joined, and a plan that says so is refused', () => {
    const plan = planWith({ move: ['open-close'] });
    const join = (joinedId: string) => misfitIn(joined(joinedId), plan, CATALOGUE);
    expect(join('ankle-bends')).toBeNull();
    expect(join('ball-squeeze')).toMatchObject({
      code: 'wrong-join',
      message: 'Ball squeeze cannot go on beside open wide, close gently. Nothing was changed.',
    });
    expect(join('wall-lean')).toMatchObject({ code: 'wrong-join' });
    expect(join('gone')).toMatchObject({ code: 'wrong-join' });
    expect(MOVEMENTS.filter(canBeJoined).length).toBeGreaterThan(15);
  });
});

describe('sets of one’s own', () => {
  const two = person({ firstName: 'Two' });
  const hurts = person({
    conditions: [{ conditionId: 'osteoarthritis', side: 'both', state: 'flare', since: null, spots: [] }],
  });
  const other = person();
  const ownSets = [two, hurts].map((p) => ({ personId: p.id, sets: 2 }));
  const plan = set(planWith({ grip: ['ball-squeeze'] }), 'ball-squeeze', { ownSets });
  const verdicts = checkPlan(plan, facts({ people: [two, hurts, other] })).verdicts.get('ball-squeeze')!;
  const alone = checkPlan(planWith({ grip: ['ball-squeeze'] }), facts({ people: [hurts] })).verdicts.get(
    'ball-squeeze',
  )!;

  test('are told of that person alone, beside the count of both sets', () => {
    const words = shortAdaptation(verdicts.get(two.id)!, rowOf(plan, 'ball-squeeze').dose, {
      asked: new Set(),
      rests: new Set(),
    });
    expect(words).toContain('2 sets');
    expect(verdicts.get(other.id)!.worst).toBe('do');
  });

  test('never undo a caution', () => {
    const [was, is] = [alone.get(hurts.id)!, verdicts.get(hurts.id)!];
    expect(VERDICTS.indexOf(is.worst)).toBeGreaterThanOrEqual(VERDICTS.indexOf(was.worst));
    expect(was.worst).not.toBe('do');
    if (was.L.adaptation.countShare < 1) expect(is.L.how).toEqual(was.L.how);
  });
});

describe('what may be left out', () => {
  const plan = planWith({
    arrive: ['look-at-hands'],
    wake: ['warm-palms', 'wrist-shake'],
    move: ['wrist-bend', 'open-close', 'finger-wave'],
    grip: ['ball-squeeze'],
    settle: ['quiet-breath'],
  });

  test('goes first when a class is shortened, and nothing else goes whole', () => {
    const optional = set(plan, 'open-close', { optional: true });
    expect(rankedCuts(contextOf(optional, facts()))[0]).toMatchObject({
      rowId: 'open-close',
      how: 'left out',
    });
    const cuts = cheapestCuts(contextOf(optional, facts()), 10 * 60_000);
    expect(cuts.filter((c) => c.how === 'left out').map((c) => c.rowId)).toEqual(['open-close']);
    expect(cheapestCuts(contextOf(plan, facts()), 10 * 60_000).some((c) => c.how === 'left out')).toBe(false);
  });

  test('is what Teach offers to leave out first when the class is behind', () => {
    const optional = set(plan, 'finger-wave', { optional: true });
    const [cut] = proposals(optional, facts(), 0, -31_000);
    expect(cut!.words).toBe('leave out fingers curl in order');
  });
});

describe('reminders of the class', () => {
  const long = planWith({
    arrive: ['look-at-hands', talk('hello', 300)],
    move: ['wrist-bend', 'open-close', 'palms-turn', talk('why', 240), 'finger-wave', talk('how', 300)],
    grip: ['ball-squeeze', talk('what', 300), 'cloth-wring'],
    settle: ['quiet-breath', 'stroke-arms'],
  });
  const plan = after(long, { type: 'setReminders', reminders: ['Tall', 'Jaw easy'] });
  const { timing } = checkPlan(plan, facts());
  const by = remindersByRow(plan, timing, CATALOGUE);

  test('come in turn, minutes apart, with a movement and never at rest or in the ending', () => {
    expect([...by]).toEqual([
      ['wrist-bend', 'Tall'],
      ['finger-wave', 'Jaw easy'],
      ['ball-squeeze', 'Tall'],
      ['cloth-wring', 'Jaw easy'],
    ]);
    const starts = [...by.keys()].map((id) => timing.rows.find((r) => r.rowId === id)!.startMs);
    starts.slice(1).forEach((ms, i) => expect(ms - starts[i]!).toBeGreaterThanOrEqual(4 * 60_000));
  });

  test('a class without any has none; they stand on the cue sheet', () => {
    expect(remindersByRow(long, timing, CATALOGUE).size).toBe(0);
    const lines = cueLines(plan, checkPlan(plan, facts()), facts()).sections.flatMap((s) => s.lines);
    expect(lines.find((l) => l.rowId === 'ball-squeeze')!.say).toMatch(/^Tall\. /);
  });
});

describe('sections', () => {
  const plan = planWith({ move: ['open-close'], grip: ['ball-squeeze'] });
  const names = (p: Plan) => p.sections.map((s) => s.name);

  test('one can be repeated with its rows under new ids, and the plan is still whole', () => {
    const twice = after(plan, repeatSection(plan, 'grip'));
    expect(names(twice).slice(4, 6)).toEqual(['Grip', 'Grip 2']);
    expect(new Set(placedRows(twice).map((p) => p.row.id)).size).toBe(3);
    expect(planSchema.safeParse(twice).success).toBe(true);
    expect(names(after(twice, repeatSection(twice, 'grip')))).toContain('Grip 3');
    expect(checkPlan(twice, facts()).timing.rows).toHaveLength(3);
  });

  test('one can be taken out with its rows, and comes back with them', () => {
    const out = applyStep(plan, { type: 'removeSection', sectionId: 'grip' });
    if (!out.ok) throw new Error(out.message);
    expect(placedRows(out.value.plan).map((p) => p.row.id)).toEqual(['open-close']);
    expect(after(out.value.plan, out.value.inverse)).toEqual(plan);
    expect(sectionKindsToAdd(out.value.plan)[0]).toBe('grip');
    expect(names(after(out.value.plan, newSection(out.value.plan, 'grip', 'hold')))).toEqual(names(plan));
  });

  test('the ending stays, and so does the last section of all; there are not too many', () => {
    const out = applyStep(plan, { type: 'removeSection', sectionId: 'settle' });
    expect(out).toMatchObject({ ok: false, code: 'ending-kept' });
    const twoEndings = after(plan, repeatSection(plan, 'settle'));
    expect(twoEndings.sections.filter((s) => isToStay(twoEndings, s))).toEqual([]);
    const only: Plan = { ...emptyPlan(), sections: emptyPlan().sections.slice(0, 1) };
    expect(applyStep(only, { type: 'removeSection', sectionId: 'arrive' }).ok).toBe(false);
    let full = plan;
    while (full.sections.length < 20) full = after(full, repeatSection(full, 'move'));
    expect(applyStep(full, repeatSection(full, 'move')!)).toMatchObject({ ok: false, code: 'sections-full' });
  });

  test('it moves with its rows, and goes back', () => {
    const moved = applyStep(plan, { type: 'moveSection', sectionId: 'grip', index: 0 });
    if (!moved.ok) throw new Error(moved.message);
    expect(names(moved.value.plan)[0]).toBe('Grip');
    expect(after(moved.value.plan, moved.value.inverse)).toEqual(plan);
  });
});
