import fc from 'fast-check';
import { CATALOGUE } from '@/catalogue/movements';
import { doseOf } from '@/core/dose/dose';
import { scriptLength, scriptOf } from '@/core/dose/script';
import { withEdits } from '@/core/teach/count-edits';
import { faceOf } from '@/core/teach/count-display';
import { outlook, recordByRow } from '@/core/teach/progress';
import { rowsOfSnapshot } from '@/core/teach/snapshot';
import type { TeachEvent, TeachState } from '@/core/teach/state';
import { beatAtTime, beatsOf, offsetAtTime, phaseLength } from '@/core/teach/position';
import { begin, command, flow, type TeachCommand } from '@/core/teach/transport';
import { followUpReason, prefilledLine } from '@/core/teach/wrap-up';
import { anyDose } from '../arbitrary';
import { planWith, rest, talk } from '../plans';

const rows = rowsOfSnapshot(
  {
    plan: planWith({
      arrive: [talk('hello', 60)],
      move: [['wrist-bend', { count: { mode: 'reps', reps: 4, tempoMs: 1_000 } }]],
      grip: [
        ['ring-squeeze', { count: { mode: 'reps', reps: 3, tempoMs: 1_000 } }],
        rest('water', 'water', 30),
      ],
    }),
    people: [],
    helpers: [],
    slotMs: 600_000,
    shown: ['wrist-bend', 'ring-squeeze'],
  },
  CATALOGUE,
);
const [HELLO, BEND, RING, WATER] = [0, 1, 2, 3];

/** Carry out dated commands and gather what was recorded. */
function run(script: readonly (readonly [TeachCommand, number])[]) {
  const first = begin(rows, 0);
  let state = first.state;
  const events: TeachEvent[] = [...first.events];
  for (const [what, atMs] of script) {
    const moved = command(rows, state, what, atMs);
    state = moved.state;
    events.push(...moved.events);
  }
  return { state, events };
}

describe('one key to start and to pause', () => {
  test('it starts what is explained, pauses what counts, goes on with what is paused', () => {
    expect(
      run([
        ['next', 1_000],
        ['goOrPause', 2_000],
      ]).state,
    ).toMatchObject({ phase: 'count', running: true });
    const paused = run([
      ['next', 1_000],
      ['goOrPause', 2_000],
      ['goOrPause', 3_000],
    ]);
    expect(paused.state).toMatchObject({ phase: 'count', running: false, offsetMs: 1_000 });
    expect(paused.events.map((e) => e.kind).slice(-2)).toEqual(['count', 'pause']);
    expect(
      run([
        ['next', 1_000],
        ['goOrPause', 2_000],
        ['goOrPause', 3_000],
        ['goOrPause', 9_000],
      ]).state,
    ).toMatchObject({
      running: true,
      offsetMs: 1_000,
    });
  });

  test('pressed as a row has just ended it leaves the next one as it is: neither paused nor started', () => {
    const { state, events } = run([
      ['next', 1_000],
      ['goOrPause', 2_000],
      ['goOrPause', 60_000],
    ]);
    expect(state).toMatchObject({ rowIndex: RING, phase: 'setUp', running: true });
    expect(events.map((e) => e.kind)).not.toContain('pause');
    expect(
      run([
        ['next', 1_000],
        ['goOrPause', 2_000],
        ['goOrPause', 60_000],
        ['goOrPause', 61_000],
      ]).state,
    ).toMatchObject({
      rowIndex: RING,
      phase: 'count',
      running: true,
    });
  });
});

test('talk waits for the instructor, however long', () => {
  const { state } = run([]);
  expect(flow(rows, state, 999_000).state).toBe(state);
});

test('a movement is explained first, counted when told, and passes on by itself at the moment it is due', () => {
  const { state } = run([
    ['next', 5_000],
    ['go', 20_000],
  ]);
  expect(state).toMatchObject({ rowIndex: BEND, phase: 'count' });
  expect(flow(rows, state, 23_999).state).toBe(state);
  const moved = flow(rows, state, 30_000);
  expect(moved.state).toMatchObject({ rowIndex: RING, phase: 'setUp', anchorMs: 24_000 });
  expect(moved.events).toMatchObject([
    { kind: 'counted', atMs: 24_000 },
    { kind: 'enter', rowId: 'ring-squeeze', atMs: 24_000 },
  ]);
});

test('a pause stops the count where it is, going on resumes there', () => {
  const { state } = run([
    ['next', 0],
    ['go', 1_000],
    ['pause', 2_500],
  ]);
  expect(offsetAtTime(state, 90_000)).toBe(1_500);
  const { state: again } = command(rows, state, 'go', 100_000);
  expect(offsetAtTime(again, 100_500)).toBe(2_000);
});

test('breaks run at once and end by themselves; after the last row the class is done', () => {
  const { state } = run([
    ['next', 0],
    ['next', 1_000],
    ['next', 2_000],
  ]);
  expect(state).toMatchObject({ rowIndex: WATER, phase: 'count', running: true });
  const end = flow(rows, state, 32_000);
  expect(end.state.phase).toBe('done');
  expect(end.events).toEqual([{ kind: 'end', rowId: null, atMs: 32_000 }]);
});

test('back, repeat and skip', () => {
  expect(
    run([
      ['next', 0],
      ['back', 100],
    ]).state.rowIndex,
  ).toBe(HELLO);
  expect(run([['back', 0]]).state.rowIndex).toBe(HELLO);
  const repeated = run([
    ['next', 0],
    ['go', 0],
    ['repeat', 2_000],
  ]).state;
  expect(offsetAtTime(repeated, 2_500)).toBe(500);
  const skipped = run([
    ['next', 0],
    ['skip', 3_000],
  ]);
  expect(skipped.state.rowIndex).toBe(RING);
  expect(skipped.events.map((e) => e.kind)).toEqual(['enter', 'enter', 'skip', 'enter']);
});

test('one more lengthens this side and the side still to come, never the past', () => {
  const { state } = run([
    ['next', 0],
    ['next', 0],
    ['go', 0],
    ['more', 1_500],
  ]);
  const before = rows[RING]!.beats;
  const after = beatsOf(rows, state);
  expect(after.filter((b) => b.side === 'L' && b.kind === 'rep').map((b) => b.number)).toEqual([1, 2, 3, 4]);
  expect(after.filter((b) => b.side === 'R' && b.kind === 'rep').map((b) => b.number)).toEqual([1, 2, 3, 4]);
  expect(after.slice(0, 3)).toEqual(before.slice(0, 3).map((b, i) => ({ ...b, of: i === 0 ? 3 : 4 })));
  expect(phaseLength(rows, state) - scriptLength(before) - rows[RING]!.resetMs).toBe(2_000);
});

test('one more on the second side is that side alone', () => {
  const beats = rows[RING]!.beats;
  const second = beats.findLast((b) => b.side === 'R')!;
  const more = withEdits(beats, [{ kind: 'more', bout: second.bout, fromMs: second.startMs }]);
  expect(more.filter((b) => b.side === 'L' && b.kind === 'rep')).toHaveLength(3);
  expect(more.filter((b) => b.side === 'R' && b.kind === 'rep')).toHaveLength(4);
});

test('the position is a function of the state and the time: the order of looking does not matter', () => {
  fc.assert(
    fc.property(fc.array(fc.integer({ min: 0, max: 60_000 }), { minLength: 1, maxLength: 20 }), (looks) => {
      const start = run([
        ['next', 0],
        ['go', 0],
      ]).state;
      const last = Math.max(...looks);
      let state: TeachState = start;
      for (const at of [...looks].sort((a, b) => a - b)) state = flow(rows, state, at).state;
      expect(state).toEqual(flow(rows, start, last).state);
    }),
  );
});

test('each instant belongs to exactly one beat', () => {
  const beats = scriptOf(doseOf({ mode: 'reps', reps: 3, tempoMs: 1_000 }, { sides: 'each' }), {
    breathMs: 5_000,
    slowFirst: false,
  });
  expect(beatAtTime(beats, 999)?.number).toBe(1);
  expect(beatAtTime(beats, 1_000)?.number).toBe(2);
  expect(beatAtTime(beats, scriptLength(beats))).toBeNull();
});

test('actual time per row, gone back to and skipped', () => {
  const { events } = run([
    ['next', 30_000],
    ['go', 40_000],
    ['back', 41_000],
    ['next', 46_000],
    ['skip', 50_000],
  ]);
  const record = recordByRow([...events, { kind: 'end', rowId: null, atMs: 60_000 }]);
  expect(record.get('hello')).toMatchObject({ actualMs: 35_000, skipped: false, counted: false });
  expect(record.get('wrist-bend')).toMatchObject({ actualMs: 15_000, skipped: true, counted: true });
  expect(record.get('ring-squeeze')!.actualMs).toBe(10_000);
});

test('the projected finish is time gone, what is left here, and the planned rest', () => {
  const state = run([]).state;
  const planned = rows.reduce((n, r) => n + r.plannedMs, 0);
  expect(outlook(rows, state, 0, 600_000).finishMs).toBe(planned);
  const late = run([
    ['next', 100_000],
    ['go', 110_000],
  ]).state;
  const restOfPlan = rows[RING]!.plannedMs + rows[WATER]!.plannedMs;
  expect(outlook(rows, late, 112_000, 600_000)).toEqual({
    finishMs: 112_000 + 2_000 + restOfPlan,
    spareMs: 600_000 - 114_000 - restOfPlan,
  });
});

test('the face shows the number, the finger, the seconds of a hold, in and out', () => {
  const at = (dose: Parameters<typeof scriptOf>[0], ms: number) => {
    const beats = scriptOf(dose, { breathMs: 5_000, slowFirst: false });
    return faceOf(beatAtTime(beats, ms)!, ms);
  };
  expect(at(doseOf({ mode: 'reps', reps: 8, tempoMs: 1_000 }), 4_100)).toMatchObject({
    big: '5',
    of: 'of 8',
  });
  const wave = doseOf(
    { mode: 'sequence', rounds: 2, steps: ['index', 'little'], stepMs: 1_000 },
    { passes: [{ name: 'index to little' }, { name: 'little to index', reversed: true }] },
  );
  expect(at(wave, 1_000)).toMatchObject({ big: 'little', of: 'round 1 of 2' });
  expect(at(wave, 5_000)).toMatchObject({ big: 'little to index', turn: '' });
  expect(at(wave, 7_500)).toMatchObject({ big: 'little', turn: 'little to index' });
  expect(at(doseOf({ mode: 'hold', holds: 2, holdMs: 5_000, relaxMs: 2_000 }), 3_200).big).toBe('4');
  expect(at(doseOf({ mode: 'breaths', breaths: 2 }), 6_900).big).toBe('in');
  expect(at(doseOf({ mode: 'breaths', breaths: 2 }), 7_000).big).toBe('out');
  expect(at(doseOf({ mode: 'time', timeMs: 20_000 }), 5_500)).toMatchObject({
    big: '15',
    of: 'seconds left',
  });
});

test('no face says the same twice, at whatever beat of whatever dose', () => {
  fc.assert(
    fc.property(anyDose, fc.boolean(), (dose, slowFirst) => {
      for (const beat of scriptOf(dose, { breathMs: 5_000, slowFirst })) {
        const { big, side, turn } = faceOf(beat, beat.startMs + beat.durationMs / 2);
        const said = [big, side, ...turn.split(', ')].filter((words) => words !== '');
        expect(new Set(said).size).toBe(said.length);
      }
    }),
  );
});

test('marks draft the wrap-up, "did it" needs no words, twice the same is said once', () => {
  const mark = (kind: 'did' | 'sore', rowId: string, n: number) => ({
    id: `m${n}`,
    personId: 'a',
    rowId,
    mark: kind,
    atMs: n,
  });
  const draft = prefilledLine(
    'a',
    [mark('did', 'x', 1), mark('sore', 'y', 2), mark('sore', 'y', 3)],
    (id) => `Row ${id}`,
  );
  expect(draft).toMatchObject({ present: true, adapted: 'Row y: sore', painBeforeLeft: null });
});

test('what was said at the door is the pain before', () => {
  const said = prefilledLine('a', [], String, { painLeft: 0, painRight: 4 });
  expect([said.painBeforeLeft, said.painBeforeRight]).toEqual([0, 4]);
  expect(prefilledLine('a', [], String, { painLeft: null, painRight: 2 }).painBeforeLeft).toBeNull();
});

test.each([
  [1, 3, true],
  [1, 2, false],
  [null, 5, false],
  [4, 2, false],
])('pain from %j to %j asks for a call: %s', (before, after, rose) => {
  const line = { ...prefilledLine('a', [], String), painBeforeRight: before, painAfterRight: after };
  expect(followUpReason(line, [], false) === 'Pain rose by two or more.').toBe(rose);
});

test('who is asked after a class, and why: pain after alone, marks and incidents too', () => {
  const line = { ...prefilledLine(crypto.randomUUID(), [], () => ''), present: true };
  const reason = (over: object, marks: readonly ('sore' | 'stopped' | 'eased')[] = [], incident = false) =>
    followUpReason({ ...line, ...over }, marks, incident);
  expect(reason({})).toBeNull();
  expect(reason({ painAfterLeft: 8 })).toBe('Pain was 8 of 10 afterwards.');
  expect(reason({ painAfterLeft: 5 })).toBeNull();
  expect(reason({ painBeforeLeft: 1, painAfterLeft: 4 })).toBe('Pain rose by two or more.');
  expect(reason({ painAfterLeft: 0 }, ['stopped'])).toBe('They stopped in the class.');
  expect(reason({}, ['sore'])).toMatch(/nobody noted pain/);
  expect(reason({ painAfterRight: 1 }, ['sore'])).toBeNull();
  expect(reason({}, ['eased'], true)).toBe('There was an incident.');
});
