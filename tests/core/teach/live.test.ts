import { CATALOGUE } from '@/catalogue/movements';
import { movementRows } from '@/core/plan/plan';
import { placedRows, type MovementRow } from '@/core/plan/plan';
import { applyStep } from '@/core/plan/edit/step';
import type { PlanStep } from '@/core/plan/edit/step-schema';
import { checkPlan } from '@/core/plan/check/check';
import { keepsEnding, lengthOf } from '../plans';
import { proposals } from '@/core/teach/keep-to-time';
import {
  breakNow,
  rungNow,
  swapChoices,
  swapNow,
  withChange,
  type LiveChange,
} from '@/core/teach/live-change';
import { viewFrom } from '@/core/teach/room-screen';
import { rowsOfSnapshot, taughtPlan, type Snapshot } from '@/core/teach/snapshot';
import { readTeachState, START, type TeachState } from '@/core/teach/state';
import { beatsOf, phaseLength } from '@/core/teach/position';
import { isStaying } from '@/core/teach/count-commands';
import { begin, command, flow, type TeachCommand } from '@/core/teach/transport';
import { person } from '../people';
import { facts, planWith, rest, talk } from '../plans';

const plan = planWith({
  arrive: [talk('hello', 60), 'look-at-hands', 'warm-palms'],
  move: [
    ['wrist-bend', { count: { mode: 'reps', reps: 8, tempoMs: 2_000 }, fewest: 4 }],
    ['open-close', { count: { mode: 'reps', reps: 8, tempoMs: 2_000 }, fewest: 4 }],
  ],
  grip: ['ball-squeeze', rest('shake', 'hand', 30)],
  load: ['table-lean', 'backs-together', 'wrist-shake'],
  settle: ['look-again', talk('bye', 60)],
});
const people = [person(), person(), person()];
const given = facts({ people });
const snapshot: Snapshot = {
  plan,
  people,
  helpers: [],
  slotMs: 45 * 60_000,
  shown: CATALOGUE.movements.map((m) => m.id),
};
const rowsOf = (changes: readonly PlanStep[]) => rowsOfSnapshot(snapshot, CATALOGUE, changes);
const rows = rowsOf([]);
const indexOf = (id: string) => rows.findIndex((r) => r.rowId === id);
const at = (id: string, over: Partial<TeachState> = {}): TeachState => ({
  ...START,
  rowIndex: indexOf(id),
  running: true,
  ...over,
});
const bend = placedRows(plan).find((p) => p.row.id === 'wrist-bend')!.row as MovementRow;
const change = (state: TeachState, c: LiveChange, nowMs = 1_000) => withChange(rows, rowsOf, state, c, nowMs);

describe('the count follows the group', () => {
  const run = (...script: readonly (readonly [TeachCommand, number])[]) =>
    script.reduce(
      (state, [what, ms]) => command(rows, state, what, ms).state,
      at('wrist-bend', { phase: 'count' }),
    );

  test('slower and faster from the next one on, within bounds, and forgotten with the row', () => {
    const slower = run(['slower', 1_000]);
    expect(beatsOf(rows, slower)[0]!.durationMs).toBe(2_000);
    expect(beatsOf(rows, slower)[1]!.durationMs).toBe(2_222);
    const fastest = run(...Array.from({ length: 30 }, (_, i) => ['faster', 100 + i] as const));
    expect(beatsOf(rows, fastest).at(-1)!.durationMs).toBeGreaterThanOrEqual(990);
    expect(command(rows, slower, 'next', 2_000).state.edits).toEqual([]);
  });

  test('stay and go on with one key; another change ends a stay first', () => {
    const stays = run(['stay', 2_500]);
    expect(isStaying(stays)).toBe(true);
    expect(flow(rows, stays, 60_000).state.rowIndex).toBe(stays.rowIndex);
    const gone = command(rows, stays, 'stay', 8_500).state;
    expect(isStaying(gone)).toBe(false);
    expect(phaseLength(rows, gone) - phaseLength(rows, run())).toBe(6_000);
    const more = command(rows, stays, 'more', 8_500).state;
    expect(more.edits.map((e) => e.kind)).toEqual(['stay', 'more']);
    expect(isStaying(more)).toBe(false);
  });

  test('a hold with effort is stayed on up to ten seconds in all, and goes on by itself', () => {
    const holding = planWith({
      hold: [['palms-press', { count: { mode: 'hold', holds: 2, holdMs: 5_000, relaxMs: 2_000 } }]],
    });
    const held = rowsOfSnapshot({ ...snapshot, plan: holding }, CATALOGUE);
    let { state } = command(held, begin(held, 0).state, 'go', 0);
    state = command(held, state, 'stay', 2_000).state;
    expect(flow(held, state, 6_900).events).toEqual([]);
    const over = flow(held, state, 9_000);
    expect(over.events.map((e) => [e.kind, e.atMs])).toEqual([['stay', 7_000]]);
    expect(isStaying(over.state)).toBe(false);
    expect(beatsOf(held, over.state)[0]!.durationMs).toBe(10_000);
    expect(flow(held, state, 60_000).state).toEqual(flow(held, over.state, 60_000).state);
    const long = planWith({
      hold: [['palms-press', { count: { mode: 'hold', holds: 1, holdMs: 10_000, relaxMs: 0 } }]],
    });
    const full = rowsOfSnapshot({ ...snapshot, plan: long }, CATALOGUE);
    const counting = command(full, begin(full, 0).state, 'go', 0).state;
    expect(command(full, counting, 'stay', 2_000).state).toEqual(counting);
  });

  test('nothing of it touches a row that is only being explained', () => {
    const explaining = at('wrist-bend');
    for (const what of ['faster', 'slower', 'stay', 'more'] as const)
      expect(command(rows, explaining, what, 500).state).toEqual(explaining);
  });
});

describe('a long series', () => {
  const series = {
    ...snapshot,
    plan: planWith({
      move: [
        ['open-close', { count: { mode: 'reps', reps: 5, tempoMs: 1_000 } }],
        {
          ...bend,
          id: 'on',
          continuesPrevious: true,
          dose: {
            ...bend.dose,
            sides: 'both',
            passes: [],
            count: { mode: 'reps', reps: 5, tempoMs: 1_000 },
          },
        },
      ],
    }),
  };
  const both = rowsOfSnapshot(series, CATALOGUE);
  const numbers = (state: TeachState) => beatsOf(both, state).map((b) => b.number);

  test('one count runs through its rows', () => {
    expect(both[0]!.beats.map((b) => b.number)).toEqual([1, 2, 3, 4, 5]);
    expect(both[1]!.beats.map((b) => b.number)).toEqual([6, 7, 8, 9, 10]);
    expect(both[1]!.beats.every((b) => b.of === 10)).toBe(true);
  });

  test('one more in the first is carried into the second, and so is leaving early', () => {
    let { state } = command(both, begin(both, 0).state, 'go', 0);
    state = command(both, state, 'more', 1_500).state;
    // It runs on without stopping, at the moment it was due.
    const on = flow(both, state, 8_000);
    state = on.state;
    expect(state).toMatchObject({ rowIndex: 1, phase: 'count', running: true, anchorMs: 6_000 });
    expect(on.events.map((e) => e.kind)).toEqual(['counted', 'enter', 'count']);
    expect(numbers(state)).toEqual([7, 8, 9, 10, 11]);
    const early = command(both, command(both, begin(both, 0).state, 'go', 0).state, 'next', 3_200).state;
    expect(numbers(early)).toEqual([4, 5, 6, 7, 8]);
  });
});

describe('changes while teaching', () => {
  test('a break before a row that is explained is taken up at once; in a count it comes after', () => {
    const now = change(at('ball-squeeze'), breakNow(plan, rows[indexOf('ball-squeeze')]!, 'setUp', 'water'));
    const after = rowsOf(now.state.changes);
    expect(after[now.state.rowIndex]).toMatchObject({ kind: 'water' });
    expect(after[now.state.rowIndex + 1]!.rowId).toBe('ball-squeeze');
    expect(now.events.map((e) => e.kind)).toEqual(['water', 'enter']);
    const later = change(
      at('ball-squeeze', { phase: 'count' }),
      breakNow(plan, rows[indexOf('ball-squeeze')]!, 'count', 'hand'),
    );
    expect(later.state).toMatchObject({ rowIndex: indexOf('ball-squeeze'), phase: 'count' });
    expect(rowsOf(later.state.changes)[later.state.rowIndex + 1]).toMatchObject({ kind: 'hand' });
  });

  test('easier and stronger go rung by rung to the ends of the ladder', () => {
    const ladder = CATALOGUE.movement('wrist-bend')!.rungs;
    let row: MovementRow = bend;
    const seen: string[] = [];
    for (let c = rungNow(row, CATALOGUE, 'easier'); c; c = rungNow(row, CATALOGUE, 'easier')) {
      seen.push(c.words);
      const applied = applyStep(taughtPlan(plan, []), c.step);
      if (!applied.ok) throw new Error(applied.message);
      row = placedRows(applied.value.plan).find((p) => p.row.id === bend.id)!.row as MovementRow;
    }
    expect(seen.at(-1)).toBe(ladder[0]!.words);
    expect(rungNow(row, CATALOGUE, 'stronger')!.words).toBe(ladder[1]!.words);
  });

  test('a swap stands in the place of the row, is explained anew, and the plan it began with is as it was', () => {
    const [first] = swapChoices(bend, plan, given);
    const swapped = swapNow(plan, bend.id, first!.movement);
    if (!swapped.ok) throw new Error(swapped.message);
    const moved = change(at('wrist-bend', { phase: 'count' }), swapped.value);
    const after = rowsOf(moved.state.changes);
    expect(moved.state.phase).toBe('setUp');
    expect(after[moved.state.rowIndex]!.title).toBe(first!.movement.name);
    expect(after.some((r) => r.rowId === 'wrist-bend')).toBe(false);
    expect(after).toHaveLength(rows.length);
    expect(movementRows(snapshot.plan).some((r) => r.id === 'wrist-bend')).toBe(true);
  });

  test('what may stand in serves the same end with no new prop and no more effort, open to the most first', () => {
    const sore = person({
      conditions: [{ conditionId: 'thumb-base', side: 'both', state: 'sore', since: null, spots: [] }],
    });
    const ball = placedRows(plan).find((p) => p.row.id === 'ball-squeeze')!.row as MovementRow;
    const choices = swapChoices(ball, plan, facts({ people: [sore, sore] }));
    const now = CATALOGUE.movement('ball-squeeze')!;
    expect(choices.length).toBeGreaterThan(0);
    for (const { movement } of choices) {
      expect(movement.purpose).toBe(now.purpose);
      expect([null, now.propId]).toContain(movement.propId);
      expect(movement.effortOf10).toBeLessThanOrEqual(now.effortOf10);
    }
    expect(choices.map((c) => c.leftOut)).toEqual([...choices.map((c) => c.leftOut)].sort((a, b) => a - b));
  });

  test('a state of an earlier version is completed', () => {
    const old = { rowIndex: 2, phase: 'count', running: false, offsetMs: 5, anchorMs: 9, extras: { 0: 1 } };
    expect(readTeachState(old)).toEqual({
      ...START,
      rowIndex: 2,
      phase: 'count',
      offsetMs: 5,
      anchorMs: 9,
    });
  });

  test('rung shifts of an earlier version are read under their name of then', () => {
    const ways = [{ rowId: 'ball-squeeze', personId: crypto.randomUUID(), to: 'easier' }];
    expect(readTeachState({ rowIndex: 2, ways }).rungShifts).toEqual(ways);
    expect(() => readTeachState({ ...START, rowIndex: 'two' })).toThrow();
  });
});

describe('keeping to time', () => {
  const index = indexOf('wrist-bend') - 1;
  const apply = (step: PlanStep) => {
    const applied = applyStep(plan, step);
    if (!applied.ok) throw new Error(applied.message);
    return applied.value.plan;
  };

  test('on time nothing is proposed', () => {
    expect(proposals(plan, given, index, 0)).toEqual([]);
    expect(proposals(plan, given, index, 60_000)).toEqual([]);
    expect(proposals(plan, given, index, -20_000)).toEqual([]);
  });

  test.each([40_000, 120_000, 400_000, 3_600_000])(
    'behind by %i ms: only rows to come, the ending, counter-stretches and cautions kept, and it saves what it says',
    (behindMs) => {
      const [cut, ...others] = proposals(plan, given, index, -behindMs);
      expect(others).toEqual([]);
      const after = apply(cut!.step);
      expect(lengthOf(plan, given) - lengthOf(after, given)).toBe(cut!.savedMs);
      expect(cut!.savedMs).toBeGreaterThan(0);
      expect(keepsEnding(plan, after)).toBe(true);
      const ids = movementRows(after).map((r) => r.movementId);
      expect(ids).toEqual(
        expect.arrayContaining([
          'look-at-hands',
          'warm-palms',
          'backs-together',
          'wrist-shake',
          'look-again',
        ]),
      );
      const musts = (p: typeof plan) =>
        checkPlan(p, given).findings.filter((f) => f.severity === 'must' && f.code !== 'T1').length;
      expect(musts(after)).toBeLessThanOrEqual(musts(plan));
    },
  );

  test('fewer comes before leaving out, and never more than three rows change at a time', () => {
    const [little] = proposals(plan, given, index, -40_000);
    expect(little!.words).toMatch(/^fewer of/);
    const [much] = proposals(plan, given, index, -3_600_000);
    expect(much!.step.type === 'several' && much!.step.steps.length).toBe(3);
    let left = plan;
    const words: string[] = [];
    for (let again = 0; again < 40; again++) {
      const [cut] = proposals(left, given, index, -3_600_000);
      if (!cut) break;
      words.push(cut.words);
      const applied = applyStep(left, cut.step);
      if (!applied.ok) throw new Error(applied.message);
      left = applied.value.plan;
    }
    expect(words.at(-1)).toMatch(/leave out/);
  });

  test('a talk is shortened as talk, and its question does not end the sentence', () => {
    const asks = { ...talk('ask', 180), title: 'How are your hands?' };
    const chatty = planWith({ grip: ['ball-squeeze', asks], settle: [talk('bye', 60)] });
    const [cut] = proposals(chatty, given, 0, -3_600_000);
    expect(cut!.words).toMatch(/(^|; )less talk in how are your hands(;|$)/);
    expect(cut!.words).not.toMatch(/fewer of[^;]*how/);
  });

  test('ahead: something that fits, gentle, with no new must', () => {
    const extras = proposals(plan, given, index, 240_000);
    expect(extras.length).toBeGreaterThan(0);
    for (const { step, savedMs } of extras) {
      expect(-savedMs).toBeLessThanOrEqual(220_000);
      expect(lengthOf(apply(step), given) - lengthOf(plan, given)).toBe(-savedMs);
    }
    expect(proposals(plan, given, rows.length - 1, 240_000)).toEqual([]);
  });
});

test('the room takes a view of this app and nothing else', () => {
  const view = {
    classId: 'a',
    startedAtMs: 0,
    rate: 1,
    state: START,
    row: { title: 'Wrist bends', beats: [] },
    next: '',
    mirror: 'as seen',
    style: { order: 'up', unit: 'usual' },
  };
  expect(viewFrom({ kind: 'view', view })).toEqual(view);
  expect(viewFrom({ kind: 'ask' })).toBeNull();
  expect(viewFrom({ kind: 'view', view: { ...view, rate: 0 } })).toBeNull();
  expect(viewFrom('hello')).toBeNull();
});
