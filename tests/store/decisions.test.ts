import { CATALOGUE } from '@/catalogue/movements';
import { emptyPlan } from '@/core/plan/plan';
import { prefilledLine } from '@/core/teach/wrap-up';
import { answerDecisions, takeBackDecisions } from '@/server/progress/decisions';
import { decisionsOf } from '@/server/progress/proposals';
import { toDecide } from '@/server/teaching/follow-ups';
import { addClass, addSeries } from '@/store/classes';
import { listPeople, savePerson } from '@/store/people';
import { loadDecisions, loadOwnRungs } from '@/store/progress';
import { saveWrapUp } from '@/store/wrap-ups';
import { personFields } from '../core/people';
import { planWith } from '../core/plans';
import { databaseForFile } from './fresh';
import { teachThrough } from './taught';

const id = (n: number) => `00000000-0000-4000-8000-${String(n).padStart(12, '0')}`;
const [SERIES, ANSEL, BEA] = [id(1), id(11), id(12)];
const DAYS = ['2026-11-04', '2026-11-11', '2026-11-18'];
const CLASSES = Array.from({ length: 5 }, (_, i) => id(100 + i));
const LAST = CLASSES[2]!;

const plan = planWith({
  move: [['wrist-bend', { count: { mode: 'reps', reps: 8, tempoMs: 2_000 }, fewest: 4, most: 8 }]],
  grip: [['ball-squeeze', { most: 40 }]],
});
const db = databaseForFile();

beforeEach(async () => {
  await db.empty();
  await savePerson(db, ANSEL, personFields({ firstName: 'Ansel', initial: 'B' }));
  await savePerson(db, BEA, personFields({ firstName: 'Bea', initial: 'K' }));
  await addSeries(db, { id: SERIES, name: 'Hands', place: '', slotMinutes: 45 });
  for (const [i, day] of DAYS.entries()) await taughtOn(i, day);
});
async function taughtOn(i: number, day: string, taught = plan) {
  const classId = CLASSES[i]!;
  await addClass(db, {
    id: classId,
    seriesId: SERIES,
    day,
    startsAt: '10:30',
    week: i + 1,
    helpers: [],
    fromClassId: null,
    personIds: [ANSEL, BEA],
    plan: i === 0 ? emptyPlan() : taught,
  });
  const people = await listPeople(db);
  const snapshot = { plan: taught, people, helpers: [], slotMs: 1, shown: [] };
  await teachThrough(db, classId, snapshot, day);
  await writeUp(classId, ANSEL, {});
}

async function writeUp(classId: string, personId: string, over: object) {
  const quiet = { painBeforeLeft: 1, painAfterLeft: 1, effort: 3 };
  const lines = [ANSEL, BEA].map((p) => ({
    ...prefilledLine(p, [], String),
    ...quiet,
    ...(p === personId ? over : {}),
  }));
  await saveWrapUp(db, classId, { people: lines, notes: '' });
}

const proposal = async (personId: string, family: string) =>
  (await decisionsOf(db, LAST))!.proposals.find((p) => p.personId === personId && p.family === family)!;

test('a proposal for everyone in every family of the class, each with its reasons', async () => {
  const { proposals, group, people } = (await decisionsOf(db, LAST))!;
  expect(people.map((p) => p.firstName)).toEqual(['Ansel', 'Bea']);
  expect(proposals.map((p) => p.family)).toEqual(['mobility', 'grip', 'mobility', 'grip']);
  expect((await proposal(ANSEL, 'mobility')).decision).toMatchObject({ kind: 'move on', rungs: 1 });
  expect((await proposal(ANSEL, 'grip')).decision).toMatchObject({ kind: 'stay', rungs: 0 });
  expect(group.find((g) => g.title.startsWith('Wrist bends'))).toMatchObject({ moves: true });
  expect(group.find((g) => g.title.startsWith('Ball squeeze'))).toMatchObject({ moves: false });
});

test('pain steps back, a missed class stays, a flare is gentle and two rungs lower once it has settled', async () => {
  await writeUp(LAST, ANSEL, { painAfterLeft: 4 });
  expect((await proposal(ANSEL, 'grip')).decision).toMatchObject({
    kind: 'step back',
    reasons: ['pain rose by 3'],
  });
  expect((await proposal(BEA, 'mobility')).decision.kind).toBe('move on');
  await writeUp(LAST, BEA, { present: false });
  expect((await proposal(BEA, 'mobility')).decision).toMatchObject({
    kind: 'stay',
    reasons: ['1 class missed: the same rung'],
  });

  const flare = {
    conditionId: 'inflammatory',
    side: 'both' as const,
    state: 'flare' as const,
    since: null,
    spots: [],
  };
  await savePerson(db, ANSEL, { ...personFields({ firstName: 'Ansel', initial: 'B' }), conditions: [flare] });
  expect((await proposal(ANSEL, 'mobility')).decision.kind).toBe('flare');
  await answerDecisions(db, CLASSES[1], { answers: [{ personId: ANSEL, family: 'mobility', rungs: 0 }] });
  await savePerson(db, ANSEL, {
    ...personFields({ firstName: 'Ansel', initial: 'B' }),
    conditions: [{ ...flare, state: 'settled' }],
  });
  expect((await proposal(ANSEL, 'mobility')).decision).toMatchObject({ kind: 'step back', rungs: -2 });
});

test('a flare that came and went between two classes is owed a restart too, until it is taken', async () => {
  const settled = {
    conditionId: 'inflammatory',
    side: 'both' as const,
    state: 'settled' as const,
    since: null,
    spots: [],
    settledOn: '2026-11-13',
  };
  await savePerson(db, ANSEL, {
    ...personFields({ firstName: 'Ansel', initial: 'B' }),
    conditions: [settled],
  });
  expect((await proposal(ANSEL, 'mobility')).decision).toMatchObject({ kind: 'step back', rungs: -2 });
  await answerDecisions(db, LAST, { answers: [{ personId: ANSEL, family: 'mobility', rungs: -2 }] });
  await taughtOn(3, '2026-11-25');
  const { proposals } = (await decisionsOf(db, CLASSES[3]!))!;
  const next = proposals.find((p) => p.personId === ANSEL && p.family === 'mobility')!;
  expect(next.decision.rungs).toBeGreaterThan(-2);
});

test('taken, changed and left are kept with what was proposed, each once; the own rung follows', async () => {
  expect(await toDecide(db, '2026-11-20')).toMatchObject([{ id: LAST, name: 'Hands' }]);
  const answered = await answerDecisions(db, LAST, {
    answers: [
      { personId: ANSEL, family: 'mobility', rungs: 1 },
      { personId: BEA, family: 'mobility', rungs: -1 },
      { personId: BEA, family: 'grip' },
    ],
  });
  expect(answered).toMatchObject({ ok: true, value: { kept: 3 } });
  expect(
    (await loadDecisions(db, LAST)).map((d) => [d.personId, d.family, d.kind, d.taken, d.takenRungs]),
  ).toEqual([
    [ANSEL, 'mobility', 'move on', 'accepted', 1],
    [BEA, 'grip', 'stay', 'left', null],
    [BEA, 'mobility', 'move on', 'changed', -1],
  ]);
  const usual = CATALOGUE.movement('wrist-bend')!.rungs.findIndex((r) => r.changes === null);
  expect(await loadOwnRungs(db, SERIES)).toEqual([
    { personId: ANSEL, movementId: 'wrist-bend', rung: usual + 1 },
    { personId: BEA, movementId: 'wrist-bend', rung: Math.max(0, usual - 1) },
  ]);
  const again = await answerDecisions(db, LAST, {
    answers: [{ personId: ANSEL, family: 'mobility', rungs: -2 }],
  });
  expect(again).toMatchObject({ ok: true, value: { kept: 0 } });
  expect((await loadOwnRungs(db, SERIES))[0]!.rung).toBe(usual + 1);
  expect(await toDecide(db, '2026-11-20')).toEqual([]);
});

test('in a large family those go on that were done twice at the top, by name, and the others stay where they are', async () => {
  const top = { fewest: 4, most: 8, count: { mode: 'reps', reps: 8, tempoMs: 2_000 } } as const;
  const large = planWith({
    move: [
      ['wrist-bend', top],
      ['palms-turn', top],
      ['open-close', { ...top, most: 12 }],
      ['wrist-side', { ...top, most: 12 }],
      ['palms-tilt', { ...top, most: 12 }],
    ],
  });
  for (const [i, day] of ['2026-11-25', '2026-12-02'].entries()) await taughtOn(3 + i, day, large);
  const last = CLASSES[4]!;
  const { proposals, group } = (await decisionsOf(db, last))!;
  const own = proposals.find((p) => p.personId === ANSEL)!;
  expect(own.decision).toMatchObject({ kind: 'move on', rungs: 1, only: ['wrist-bend', 'palms-turn'] });
  expect(own.only).toEqual(['wrist-bend', 'palms-turn'].map((m) => CATALOGUE.movement(m)!.name));
  expect(own.decision.reasons.join()).toContain('2 of 5 movements');
  expect(group.map((g) => g.moves)).toEqual([true, true, false, false, false]);
  await answerDecisions(db, last, {
    answers: [
      { personId: ANSEL, family: 'mobility', rungs: 1 },
      { personId: BEA, family: 'mobility', rungs: -1 },
    ],
  });
  const rungs = await loadOwnRungs(db, SERIES);
  const moved = (personId: string) =>
    large.sections
      .flatMap((s) => s.rows.flatMap((r) => (r.kind === 'movement' ? [r.movementId] : [])))
      .map((m) => {
        const usual = CATALOGUE.movement(m)!.rungs.findIndex((r) => r.changes === null);
        return rungs.find((r) => r.personId === personId && r.movementId === m)!.rung - usual;
      });
  expect(moved(ANSEL)).toEqual([1, 1, 0, 0, 0]);
  // What the instructor says instead is of all of them.
  expect(moved(BEA)).toEqual([-1, -1, -1, -1, -1]);
});

test('an absence takes back two rungs in all, not two each week; the highest rung stood on is kept', async () => {
  const usual = CATALOGUE.movement('wrist-bend')!.rungs.findIndex((r) => r.changes === null);
  const back = async (n: number) => {
    await writeUp(CLASSES[n]!, BEA, { present: false });
    const proposals = (await decisionsOf(db, CLASSES[n]!))!.proposals;
    const { decision } = proposals.find((p) => p.personId === BEA && p.family === 'mobility')!;
    await answerDecisions(db, CLASSES[n], {
      answers: [{ personId: BEA, family: 'mobility', rungs: decision.rungs }],
    });
    return decision.rungs;
  };
  expect(await back(1)).toBe(0);
  expect(await back(2)).toBe(-1);
  for (const [i, day] of ['2026-11-25', '2026-12-02'].entries()) await taughtOn(3 + i, day);
  expect(await back(3)).toBe(-1);
  expect(await back(4)).toBe(0);
  const held = await db.query('select rung, best from own_rung where person_id = $1', [BEA]);
  expect(held).toEqual([{ rung: Math.max(0, usual - 2), best: usual }]);
});

test('what is not proposed is refused, and then nothing is kept', async () => {
  const refused = await answerDecisions(db, LAST, {
    answers: [
      { personId: ANSEL, family: 'mobility', rungs: 1 },
      { personId: ANSEL, family: 'loading', rungs: 1 },
    ],
  });
  expect(refused).toMatchObject({
    ok: false,
    message: expect.stringMatching(/^Nothing is proposed/) as string,
  });
  expect(await loadDecisions(db, LAST)).toEqual([]);
  expect(
    await answerDecisions(db, id(999), { answers: [{ personId: ANSEL, family: 'grip', rungs: 0 }] }),
  ).toMatchObject({
    ok: false,
    message: 'Only a class that is written up has proposals to answer.',
  });
  await expect(
    db.query(
      `insert into decision (class_id, person_id, family, kind, rungs, reasons, taken) values ($1, $2, 'grip', 'move on', 3, '[]', 'accepted')`,
      [LAST, ANSEL],
    ),
  ).rejects.toThrow();
});

test('a decision taken back leaves every rung as it stood, and the proposal is open again; not once a later class was decided', async () => {
  const before = await loadOwnRungs(db, SERIES);
  const { family, decision } = (await decisionsOf(db, LAST))!.proposals.find((p) => p.personId === ANSEL)!;
  const answer = (rungs: number) =>
    answerDecisions(db, LAST, { answers: [{ personId: ANSEL, family, rungs }] });
  await answer(-1);
  const moved = await loadOwnRungs(db, SERIES);
  expect(moved).not.toEqual(before);
  const decisions = [{ personId: ANSEL, family }];
  expect(await takeBackDecisions(db, LAST, { decisions })).toEqual({ ok: true, value: { takenBack: 1 } });
  expect(await loadOwnRungs(db, SERIES)).toEqual(before);
  expect(await loadDecisions(db, LAST)).toEqual([]);
  expect((await proposal(ANSEL, family)).decision).toEqual(decision);
  // Once more, and then again from where it stood.
  await answer(-1);
  expect(await loadOwnRungs(db, SERIES)).toEqual(moved);
  expect(await takeBackDecisions(db, LAST, { decisions: [{ personId: BEA, family }] })).toMatchObject({
    value: { takenBack: 0 },
  });
  await taughtOn(3, '2026-11-25');
  await answerDecisions(db, CLASSES[3]!, { answers: [{ personId: ANSEL, family, rungs: 0 }] });
  expect(await takeBackDecisions(db, LAST, { decisions })).toMatchObject({
    message: 'A later class was decided since. Change it there.',
  });
});
