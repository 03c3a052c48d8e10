import fc from 'fast-check';
import { edit, redo, undo, type PlanHistory } from '@/core/plan/edit/history';
import { editsSince, commutesWith } from '@/core/plan/edit/merge';
import { emptyPlan, placedRows } from '@/core/plan/plan';
import { applyStep } from '@/core/plan/edit/step';
import { stepSchema, type PlanStep } from '@/core/plan/edit/step-schema';
import { neighbourPlace } from '@/core/plan/check/neighbour-place';
import { anyPlan, anyStep } from './arbitrary';
import { runs } from '../runs';

test('a step and then its inverse give the same plan', () => {
  let applied = 0;
  fc.assert(
    fc.property(anyPlan, anyStep, (plan, step) => {
      const forward = applyStep(plan, step);
      if (!forward.ok) return;
      applied++;
      const back = applyStep(forward.value.plan, forward.value.inverse);
      expect(back.ok && back.value.plan).toEqual(plan);
    }),
    { numRuns: runs(1_000, 0.25) },
  );
  expect(applied).toBeGreaterThan(runs(1_000, 0.25) / 5);
});

test('several steps are undone together, or none is done', () => {
  fc.assert(
    fc.property(anyPlan, fc.array(anyStep, { minLength: 1, maxLength: 5 }), (plan, steps) => {
      const several = { type: 'several', steps } as PlanStep;
      const before = structuredClone(plan);
      const forward = applyStep(plan, several);
      expect(plan).toEqual(before);
      if (!forward.ok) return;
      const back = applyStep(forward.value.plan, forward.value.inverse);
      expect(back.ok && back.value.plan).toEqual(plan);
    }),
    { numRuns: runs(500, 0.25) },
  );
});

test('undoing everything gives the first plan, redoing everything the last', () => {
  fc.assert(
    fc.property(anyPlan, fc.array(anyStep, { maxLength: 8 }), (plan, steps) => {
      let history: PlanHistory = { plan, entries: [], done: 0 };
      for (const step of steps) {
        const next = edit(history, step, 'an edit');
        if (next.ok) history = next.value;
      }
      const last = history.plan;
      for (let next = undo(history); next.ok; next = undo(history)) history = next.value;
      expect(history.plan).toEqual(plan);
      for (let next = redo(history); next.ok; next = redo(history)) history = next.value;
      expect(history.plan).toEqual(last);
    }),
  );
});

test('a new edit forgets what had been undone', () => {
  const rename = (name: string): PlanStep => ({ type: 'renameSection', sectionId: 'move', name });
  let history: PlanHistory = { plan: emptyPlan(), entries: [], done: 0 };
  const go = (result: ReturnType<typeof edit>) => {
    if (result.ok) history = result.value;
  };
  go(edit(history, rename('One'), 'one'));
  go(undo(history));
  go(edit(history, rename('Two'), 'two'));
  expect(history.entries.map((e) => e.label)).toEqual(['two']);
  expect(redo(history)).toMatchObject({ ok: false, code: 'nothing-to-redo' });
});

test('an edit that stands beside others gives the same plan whichever came first', () => {
  let beside = 0;
  let apart = 0;
  fc.assert(
    fc.property(anyPlan, fc.array(anyStep, { minLength: 1, maxLength: 3 }), anyStep, (plan, others, mine) => {
      let history: PlanHistory = { plan, entries: [], done: 0 };
      for (const step of others) {
        const next = edit(history, step, 'theirs');
        if (next.ok) history = next.value;
      }
      const first = applyStep(plan, mine);
      if (history.done === 0 || !first.ok) return;
      if (!commutesWith(history.plan, mine, history.entries)) {
        apart++;
        return;
      }
      beside++;
      const after = edit(history, mine, 'mine');
      let other: PlanHistory = { plan: first.value.plan, entries: [], done: 0 };
      for (const { step } of history.entries) {
        const next = edit(other, step, 'theirs');
        if (next.ok) other = next.value;
      }
      expect(after.ok && after.value.plan).toEqual(other.plan);
    }),
    { numRuns: runs(3_000, 0.25) },
  );
  expect(beside).toBeGreaterThan(runs(3_000, 0.25) / 30);
  expect(apart).toBeGreaterThan(runs(3_000, 0.25) / 150);
});

test('what was done since is known as long as nothing was taken back', () => {
  const rename = (name: string): PlanStep => ({ type: 'renameSection', sectionId: 'move', name });
  let history: PlanHistory = { plan: emptyPlan(), entries: [], done: 0 };
  for (const name of ['One', 'Two', 'Three']) {
    const next = edit(history, rename(name), name);
    if (next.ok) history = next.value;
  }
  const labels = (seen: { version: number; done: number }, version = 3) =>
    editsSince(history, version, seen)?.map((e) => e.label) ?? null;
  expect(labels({ version: 1, done: 1 })).toEqual(['Two', 'Three']);
  // Two versions more for one edit more: something was undone or redone between.
  expect(labels({ version: 1, done: 1 }, 5)).toBeNull();
  expect(labels({ version: 3, done: 3 })).toBeNull();
  expect(labels({ version: 0, done: 4 })).toBeNull();
});

test('steps survive being stored as JSON', () => {
  fc.assert(
    fc.property(anyStep, (step) => {
      expect(stepSchema.parse(JSON.parse(JSON.stringify(step)))).toEqual(step);
    }),
  );
});

test('walking a row up and down by key visits every place and comes back', () => {
  fc.assert(
    fc.property(
      anyPlan.filter((p) => placedRows(p).length > 0),
      (start) => {
        const rowId = placedRows(start)[0]!.row.id;
        let plan = start;
        let moves = 0;
        for (let place = neighbourPlace(plan, rowId, 1); place; place = neighbourPlace(plan, rowId, 1)) {
          const result = applyStep(plan, { type: 'moveRow', rowId, ...place });
          if (result.ok) plan = result.value.plan;
          moves++;
        }
        expect(plan.sections.at(-1)!.rows.at(-1)!.id).toBe(rowId);
        for (let i = 0; i < moves; i++) {
          const result = applyStep(plan, { type: 'moveRow', rowId, ...neighbourPlace(plan, rowId, -1)! });
          if (result.ok) plan = result.value.plan;
        }
        expect(plan).toEqual(start);
      },
    ),
  );
});

test.each<[PlanStep, string]>([
  [{ type: 'removeRow', rowId: 'nobody' }, 'That row is no longer in the plan.'],
  [{ type: 'renameSection', sectionId: 'nowhere', name: 'X' }, 'That section is no longer in the plan.'],
])('a step that speaks of something gone says so', (step, message) => {
  expect(applyStep(emptyPlan(), step)).toMatchObject({ ok: false, message });
});

test('talk has words of its own, which can be taken out again; nothing else has', () => {
  const plan = applyStep(emptyPlan(), {
    type: 'insertRow',
    sectionId: 'arrive',
    index: 0,
    row: { kind: 'talk', id: 'hello', title: 'Hello', durationMs: 30_000 },
  });
  if (!plan.ok) throw new Error(plan.message);
  const said = applyStep(plan.value.plan, {
    type: 'setText',
    rowId: 'hello',
    text: 'What did you try at home?',
  });
  expect(said).toMatchObject({ ok: true, value: { inverse: { text: '' } } });
  if (!said.ok) return;
  expect(placedRows(said.value.plan)[0]!.row).toMatchObject({ text: 'What did you try at home?' });
  const back = applyStep(said.value.plan, said.value.inverse);
  expect(back.ok && back.value.plan).toEqual(plan.value.plan);
  const shake = { kind: 'break', id: 'b', what: 'shake', durationMs: 5_000 } as const;
  const withBreak = applyStep(plan.value.plan, {
    type: 'insertRow',
    sectionId: 'arrive',
    index: 1,
    row: shake,
  });
  expect(
    withBreak.ok && applyStep(withBreak.value.plan, { type: 'setText', rowId: 'b', text: 'x' }),
  ).toMatchObject({
    ok: false,
    message: 'Only talk has words of its own.',
  });
});
