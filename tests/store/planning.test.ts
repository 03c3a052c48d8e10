import { movementRows } from '@/core/plan/plan';
import { emptyPlan, placedRows, type Row } from '@/core/plan/plan';
import type { PlanStep } from '@/core/plan/edit/step-schema';
import { changesMade } from '@/core/teach/changes-made';
import { START } from '@/core/teach/state';
import { CATALOGUE } from '@/catalogue/movements';
import { isPaceKnown } from '@/core/plan/check/pace';
import { rowsOfSnapshot } from '@/core/teach/snapshot';
import { prefilledLine } from '@/core/teach/wrap-up';
import { keepBlock } from '@/server/classes/blocks';
import { createNext } from '@/server/classes/classes';
import { putTakenBack, takeBlockAway } from '@/server/classes/take-away';
import { loadClassroom } from '@/server/classes/classroom';
import { answerCall, callsDue } from '@/server/teaching/follow-ups';
import { loadCalls } from '@/store/calls';
import { paceBefore } from '@/server/classes/pace';
import { tickPacked } from '@/server/classes/packing';
import { changePlan, planOf } from '@/server/classes/plans';
import { listBlocks } from '@/store/blocks';
import { addClass, addSeries, taughtPlans } from '@/store/classes';
import { loadPacked } from '@/store/packing';
import { findPerson, savePerson } from '@/store/people';
import { recordEvents, startTeaching } from '@/store/teaching';
import { saveWrapUp, timesAttended } from '@/store/wrap-ups';
import { personFields } from '../core/people';
import { planWith } from '../core/plans';
import { databaseForFile } from './fresh';

const id = (n: number) => `00000000-0000-4000-8000-${String(n).padStart(12, '0')}`;
const [ANSEL, SERIES, FIRST, SECOND, GONE] = [id(1), id(10), id(20), id(21), id(99)];
const plan = planWith({ move: ['wrist-bend', 'open-close'], grip: ['ball-squeeze'] });
const rows = plan.sections.flatMap((s): readonly Row[] => s.rows);

const db = databaseForFile();

const classOn = (classId: string, day: string, week: number) =>
  addClass(db, {
    id: classId,
    seriesId: SERIES,
    day,
    startsAt: '10:30',
    week,
    helpers: [],
    fromClassId: null,
    personIds: [ANSEL],
    plan,
  });

beforeEach(async () => {
  await db.empty();
  await db.query('delete from block');
  await savePerson(db, ANSEL, personFields({ firstName: 'Ansel', initial: 'B' }));
  await addSeries(db, { id: SERIES, name: 'Hands', place: '', slotMinutes: 45 });
  await classOn(FIRST, '2026-11-18', 1);
  await classOn(SECOND, '2026-11-25', 2);
});

/** Teach a class, each row taking so many times as long as planned. */
async function teach(classId: string, factor: number): Promise<void> {
  const snapshot = { plan, people: [], helpers: [], slotMs: 2_700_000, shown: [] };
  await startTeaching(db, classId, snapshot, START, Date.parse('2026-11-18T10:30:00Z'));
  let at = 0;
  const events = rowsOfSnapshot(snapshot, CATALOGUE).flatMap(({ rowId, plannedMs, setUpMs }) => {
    const enter = { kind: 'enter' as const, rowId, atMs: at };
    const count = { kind: 'count' as const, rowId, atMs: at + Math.round(setUpMs * factor) };
    at += Math.round(plannedMs * factor);
    return [enter, count];
  });
  const done = { ...START, phase: 'done' as const };
  await recordEvents(db, classId, 0, [...events, { kind: 'end', rowId: null, atMs: at }], done);
}

describe('blocks', () => {
  const block = { name: 'Wrists', rows };

  test('a block is kept, replaced under its name, listed and forgotten', async () => {
    expect(await keepBlock(db, block)).toMatchObject({ ok: true });
    expect(await keepBlock(db, { ...block, rows: rows.slice(0, 1) })).toMatchObject({ ok: true });
    const [kept, ...others] = await listBlocks(db);
    expect(others).toEqual([]);
    expect(kept!.rows).toEqual(rows.slice(0, 1));
    expect(await takeBlockAway(db, kept!.id)).toMatchObject({ ok: true });
    expect(await listBlocks(db)).toEqual([]);
    expect(await takeBlockAway(db, kept!.id)).toMatchObject({
      ok: false,
      message: 'There is no such block.',
    });
    expect(await putTakenBack(db, db, kept!.id)).toMatchObject({ ok: true });
    expect(await listBlocks(db)).toEqual([kept]);
    await takeBlockAway(db, kept!.id);
  });

  test('a movement nobody knows is refused and nothing is kept', async () => {
    const odd = { ...rows[0]!, movementId: 'gone' } as Row;
    expect(await keepBlock(db, { name: 'Odd', rows: [odd] })).toMatchObject({ ok: false });
    expect(await listBlocks(db)).toEqual([]);
  });

  test('the database itself refuses a block without rows', async () => {
    await expect(
      db.query("insert into block (id, name, rows) values ($1, 'Empty', '[]')", [id(50)]),
    ).rejects.toThrow();
  });
});

describe('packing', () => {
  test('a tick is kept for its own class alone, twice is once, and it comes off again', async () => {
    await tickPacked(db, SECOND, { propId: 'foam-ball', packed: true });
    await tickPacked(db, SECOND, { propId: 'foam-ball', packed: true });
    expect(await loadPacked(db, SECOND)).toEqual(['foam-ball']);
    expect(await loadPacked(db, FIRST)).toEqual([]);
    await tickPacked(db, SECOND, { propId: 'foam-ball', packed: false });
    expect(await loadPacked(db, SECOND)).toEqual([]);
  });

  test.each([
    [GONE, 'foam-ball', 'There is no such class.'],
    [SECOND, 'anvil', 'There is no such prop.'],
  ])('%s %s is refused in words', async (classId, propId, message) => {
    expect(await tickPacked(db, classId, { propId, packed: true })).toMatchObject({ ok: false, message });
  });
});

describe('what earlier classes tell', () => {
  test('taught plans of four weeks; a class that only waits is not among them', async () => {
    expect(await taughtPlans(db, SERIES, '2026-10-28', '2026-11-25')).toEqual([]);
    await teach(FIRST, 1);
    expect(await taughtPlans(db, SERIES, '2026-10-28', '2026-11-25')).toEqual([plan]);
    expect(await taughtPlans(db, SERIES, '2026-11-19', '2026-11-25')).toEqual([]);
    expect((await loadClassroom(db, SECOND))!.recent).toEqual([plan]);
  });

  test('the class before is the one that was taught, changes and all; the next starts from its plan and what is ticked', async () => {
    await teach(FIRST, 1);
    const rung: PlanStep = { type: 'setRung', rowId: movementRows(plan)[0]!.id, rung: 0 };
    const water: PlanStep = {
      type: 'insertRow',
      sectionId: plan.sections[0]!.id,
      index: 0,
      row: { kind: 'break', id: 'water-live', what: 'water', durationMs: 60_000 },
    };
    const done = { ...START, phase: 'done' as const, changes: [rung, water] };
    const words = ['forearms down', 'water'];
    const events = (['easier', 'water'] as const).map((kind, i) => ({
      kind,
      rowId: null,
      atMs: i,
      words: words[i]!,
    }));
    await recordEvents(db, FIRST, 900, events, done);
    const [taught] = await taughtPlans(db, SERIES, '2026-10-28', '2026-11-25');
    expect(movementRows(taught!)[0]!.rung).toBe(0);
    expect(placedRows(taught!).map((p) => p.row.id)).toContain('water-live');
    expect(changesMade(events, done).map((c) => [c.words, c.keep])).toEqual([
      ['Easier for everyone: forearms down', true],
      ['Water is put in', true],
    ]);
    await db.query('delete from class where id = $1', [SECOND]);
    const next = await createNext(db, FIRST, { carry: [0] });
    const made = await planOf(db, next.ok ? next.value.id : '');
    expect(made).toMatchObject({ ok: true });
    const nextPlan = made.ok ? made.value.plan : emptyPlan();
    expect(movementRows(nextPlan)[0]!.rung).toBe(0);
    expect(placedRows(nextPlan).map((p) => p.row.id)).not.toContain('water-live');
  });

  test('whose pain rose is asked two hours later and once more the next day, until it is answered', async () => {
    await teach(FIRST, 1);
    await db.query(`update taught set snapshot = jsonb_set(snapshot, '{people}', $2) where class_id = $1`, [
      FIRST,
      JSON.stringify([await findPerson(db, ANSEL)]),
    ]);
    const line = { ...prefilledLine(ANSEL, [], String), painBeforeLeft: 1, painAfterLeft: 4 };
    await saveWrapUp(db, FIRST, { people: [line], notes: '' });
    const slots = async (day: string) => (await callsDue(db, day)).map((c) => c.slot);
    const [call] = await callsDue(db, '2026-11-18');
    expect(call!.words).toMatch(/^From \d\d:\d\d: ask .* how the hands were after/);
    await answerCall(db, FIRST, { personId: ANSEL, slot: 'two hours', worse: true });
    expect(await slots('2026-11-18')).toEqual([]);
    expect(await slots('2026-11-19')).toEqual(['next morning']);
    await answerCall(db, FIRST, { personId: ANSEL, slot: 'next morning', worse: true });
    await answerCall(db, FIRST, { personId: ANSEL, slot: 'next morning', worse: false });
    expect(await loadCalls(db, FIRST)).toEqual([
      { personId: ANSEL, slot: 'two hours', worse: true },
      { personId: ANSEL, slot: 'next morning', worse: false },
    ]);
    expect(await slots('2026-11-19')).toEqual([]);
    expect(await answerCall(db, FIRST, { personId: GONE, slot: 'two hours', worse: true })).toMatchObject({
      ok: false,
      message: 'That person is not in this class.',
    });
  });

  test('how often somebody came counts presence before the day', async () => {
    await teach(FIRST, 1);
    const line = prefilledLine(ANSEL, [], String);
    await saveWrapUp(db, FIRST, { people: [line], notes: '' });
    expect(await timesAttended(db, [ANSEL], SERIES, '2026-11-25', 4)).toEqual({ [ANSEL]: 1 });
    expect(await timesAttended(db, [ANSEL], SERIES, '2026-11-18', 4)).toEqual({});
    await saveWrapUp(db, FIRST, { people: [{ ...line, present: false }], notes: '' });
    expect(await timesAttended(db, [ANSEL], SERIES, '2026-11-25', 4)).toEqual({});
  });

  test('too few taught rows are no pace; enough of them are, as they were taught', async () => {
    await teach(FIRST, 1.5);
    const little = await paceBefore(db, '2026-11-25');
    expect([little.rows, isPaceKnown(little)]).toEqual([3, false]);
    for (let n = 0; n < 4; n++) {
      await classOn(id(30 + n), `2026-11-${String(11 + n)}`, 1);
      await teach(id(30 + n), 1.5);
    }
    const pace = await paceBefore(db, '2026-11-25');
    expect(pace.rows).toBe(15);
    expect(isPaceKnown(pace)).toBe(true);
    // Drawn towards the plan a little still.
    expect(Math.exp(pace.counts!.log)).toBeGreaterThan(1.25);
    expect(Math.exp(pace.counts!.log)).toBeLessThan(1.6);
    expect(await paceBefore(db, '2026-11-11')).toMatchObject({ rows: 0 });
  });
});

describe('the plan of another class', () => {
  test('a taught class shows what was taught, a waiting one its plan', async () => {
    expect(await planOf(db, SECOND)).toMatchObject({ ok: true, value: { plan } });
    await teach(FIRST, 1);
    await changePlan(db, FIRST, {
      type: 'edit',
      version: 0,
      step: { type: 'removeRow', rowId: 'wrist-bend' },
      label: 'Take out',
    });
    expect(await planOf(db, FIRST)).toMatchObject({ ok: true, value: { plan } });
    expect(await planOf(db, GONE)).toMatchObject({ ok: false, message: 'There is no such class.' });
  });

  test('what was muted in a class speaks again in the next', async () => {
    await startTeaching(
      db,
      SECOND,
      {
        plan: { ...plan, mutes: [{ code: 'R1', reason: 'today' }] },
        people: [],
        helpers: [],
        slotMs: 1,
        shown: [],
      },
      START,
      Date.parse('2026-11-25T10:30:00Z'),
    );
    await recordEvents(db, SECOND, 0, [{ kind: 'end', rowId: null, atMs: 10 }], { ...START, phase: 'done' });
    const next = await createNext(db, SECOND);
    if (!next.ok) throw new Error(next.message);
    expect(await planOf(db, next.value.id)).toMatchObject({ ok: true, value: { plan } });
  });

  test('going back in the history is one change with the whole history kept', async () => {
    const setBreath = (version: number, breathMs: number) =>
      changePlan(db, SECOND, {
        type: 'edit',
        version,
        step: { type: 'setBreath', breathMs },
        label: `Breath ${breathMs / 1000} s`,
      });
    await setBreath(0, 6_000);
    await setBreath(1, 7_000);
    await setBreath(2, 8_000);
    expect(await changePlan(db, SECOND, { type: 'goTo', version: 3, done: 1 })).toMatchObject({
      ok: true,
      value: { plan: { breathMs: 6_000 }, done: 1, labels: ['Breath 6 s', 'Breath 7 s', 'Breath 8 s'] },
    });
    expect(await changePlan(db, SECOND, { type: 'goTo', version: 4, done: 3 })).toMatchObject({
      ok: true,
      value: { plan: { breathMs: 8_000 } },
    });
    expect(await changePlan(db, SECOND, { type: 'goTo', version: 5, done: 9 })).toMatchObject({ ok: false });
    expect(emptyPlan().breathMs).toBe(5_000);
  });
});
