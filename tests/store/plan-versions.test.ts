import { emptyPlan } from '@/core/plan/plan';
import { changePlan, type PlanChangeRequest } from '@/server/classes/plans';
import { addClass, addSeries } from '@/store/classes';
import { loadPlan } from '@/store/plans';
import { databaseForFile } from './fresh';

const CLASS = '00000000-0000-4000-8000-000000000020';
const SERIES = '00000000-0000-4000-8000-000000000010';

const db = databaseForFile();
beforeEach(async () => {
  await db.empty();
  await addSeries(db, { id: SERIES, name: 'Hands', place: '', slotMinutes: 45 });
  await addClass(db, {
    id: CLASS,
    seriesId: SERIES,
    day: '2026-11-25',
    startsAt: '10:30',
    week: 1,
    helpers: [],
    fromClassId: null,
    personIds: [],
    plan: emptyPlan(),
  });
});

const rename = (version: number, name: string): PlanChangeRequest => ({
  type: 'edit',
  version,
  step: { type: 'renameSection', sectionId: 'move', name },
  label: `Rename to ${name}`,
});
const nameNow = async () => {
  const { history } = (await loadPlan(db, CLASS))!;
  return history.plan.sections.find((s) => s.id === 'move')!.name;
};

test('edits, undo and redo outlive a reload', async () => {
  await changePlan(db, CLASS, rename(0, 'One'));
  await changePlan(db, CLASS, rename(1, 'Two'));
  expect(await nameNow()).toBe('Two');
  expect(await changePlan(db, CLASS, { type: 'undo', version: 2 })).toMatchObject({
    ok: true,
    value: { version: 3, undoLabel: 'Rename to One', redoLabel: 'Rename to Two' },
  });
  expect(await nameNow()).toBe('One');
  await changePlan(db, CLASS, { type: 'undo', version: 3 });
  expect(await nameNow()).toBe('Move');
  await changePlan(db, CLASS, { type: 'redo', version: 4 });
  expect(await nameNow()).toBe('One');
});

test('an edit after an undo forgets the undone one', async () => {
  await changePlan(db, CLASS, rename(0, 'One'));
  await changePlan(db, CLASS, { type: 'undo', version: 1 });
  await changePlan(db, CLASS, rename(2, 'Other'));
  const stored = (await loadPlan(db, CLASS))!;
  expect(stored.history.entries.map((e) => e.label)).toEqual(['Rename to Other']);
  expect(await changePlan(db, CLASS, { type: 'redo', version: 3 })).toMatchObject({ ok: false });
});

test('of two windows the second is told, and the first edit stays', async () => {
  await changePlan(db, CLASS, rename(0, 'First'));
  expect(await changePlan(db, CLASS, rename(0, 'Second'))).toMatchObject({
    ok: false,
    code: 'changed-elsewhere',
  });
  expect(await nameNow()).toBe('First');
});

test('an edit about something else goes on top of the first, and says beside what it stands', async () => {
  await changePlan(db, CLASS, rename(0, 'First'));
  const breath = {
    type: 'edit',
    done: 0,
    step: { type: 'setBreath', breathMs: 5_000 },
    label: 'A breath',
  } as const;
  expect(await changePlan(db, CLASS, { ...breath, version: 0 })).toMatchObject({
    ok: true,
    value: {
      version: 2,
      labels: ['Rename to First', 'A breath'],
      beside: 'Another window changed this plan too (Rename to First). Both changes are in it.',
      plan: { breathMs: 5_000 },
    },
  });
  expect(await nameNow()).toBe('First');
  // About the same thing it is refused as ever, and so is one on top of what was taken back.
  expect(await changePlan(db, CLASS, { ...rename(0, 'Second'), done: 0 } as PlanChangeRequest)).toMatchObject(
    {
      code: 'changed-elsewhere',
    },
  );
  await changePlan(db, CLASS, { type: 'undo', version: 2 });
  expect(await changePlan(db, CLASS, { ...breath, version: 1, done: 1 })).toMatchObject({
    code: 'changed-elsewhere',
  });
});

test('many at once about different things all land', async () => {
  const kinds = emptyPlan().sections.map((s) => s.id);
  const three = kinds.slice(0, 3).map((sectionId): PlanChangeRequest => ({
    type: 'edit',
    version: 0,
    done: 0,
    step: { type: 'renameSection', sectionId, name: `New ${sectionId}` },
    label: sectionId,
  }));
  const results = await Promise.all(three.map((r) => changePlan(db, CLASS, r)));
  expect(results.map((r) => r.ok)).toEqual([true, true, true]);
  const { history } = (await loadPlan(db, CLASS))!;
  expect(history.plan.sections.slice(0, 3).map((s) => s.name)).toEqual(
    kinds.slice(0, 3).map((k) => `New ${k}`),
  );
});

test('two edits sent at the same moment: one lands, one is told', async () => {
  const results = await Promise.all([
    changePlan(db, CLASS, rename(0, 'A')),
    changePlan(db, CLASS, rename(0, 'B')),
  ]);
  expect(results.filter((r) => r.ok)).toHaveLength(1);
  const winner = results.findIndex((r) => r.ok) === 0 ? 'A' : 'B';
  expect(await nameNow()).toBe(winner);
});

test('nothing to undo, an unknown movement, an unknown class: sentences', async () => {
  expect(await changePlan(db, CLASS, { type: 'undo', version: 0 })).toMatchObject({
    ok: false,
    message: 'There is nothing to undo.',
  });
  expect(await changePlan(db, 'tampered', rename(0, 'X'))).toMatchObject({ ok: false, code: 'not-found' });
  const { dose } = (await import('@/catalogue/movements')).MOVEMENTS[0]!;
  const step = {
    type: 'insertRow' as const,
    sectionId: 'move',
    index: 0,
    row: { kind: 'movement' as const, id: 'x', movementId: 'made-up', dose, note: '' },
  };
  expect(await changePlan(db, CLASS, { type: 'edit', version: 0, step, label: 'Add' })).toMatchObject({
    ok: false,
    message: 'That movement is not in the catalogue.',
  });
  const withPan = { ...step, row: { ...step.row, movementId: 'ball-squeeze', props: ['pan'] } };
  expect(
    await changePlan(db, CLASS, { type: 'edit', version: 0, step: withPan, label: 'Add' }),
  ).toMatchObject({
    code: 'wrong-prop',
    message: 'Ball squeeze cannot be done with a small pan. Nothing was changed.',
  });
  const ballDose = { ...dose, passes: [{ name: 'palm sideways' }] };
  const sideways = { ...step, row: { ...step.row, movementId: 'ball-squeeze', dose: ballDose } };
  expect(
    await changePlan(db, CLASS, { type: 'edit', version: 0, step: sideways, label: 'Add' }),
  ).toMatchObject({
    code: 'wrong-pass',
    message: 'Ball squeeze has no pass called “palm sideways”. Nothing was changed.',
  });
});
