import fc from 'fast-check';
import { CATALOGUE } from '@/catalogue/movements';
import { doseTotals } from '@/core/dose/totals';
import { scriptLength, scriptOf } from '@/core/dose/script';
import type { Dose } from '@/core/dose/dose';
import { changesMade } from '@/core/teach/changes-made';
import { countedSoFar, doneDose, handTotals, shareOf } from '@/core/teach/counted';
import { breakNow, withChange } from '@/core/teach/live-change';
import { owedWords } from '@/core/teach/coming-up';
import { beatsOf, offsetAtTime } from '@/core/teach/position';
import { recordByRow, timeInHand } from '@/core/teach/progress';
import { rowsOfSnapshot, type Snapshot } from '@/core/teach/snapshot';
import { START, teachStateSchema, type Moved, type TeachEvent, type TeachState } from '@/core/teach/state';
import { takenBack } from '@/core/teach/take-back';
import { begin, command, flow, type TeachCommand } from '@/core/teach/transport';
import { donePlan } from '@/core/term/done';
import { anyDose } from '../arbitrary';
import { planWith } from '../plans';
import { runs } from '../../runs';

const plan = planWith({
  move: [['wrist-circles-table', { passes: [] }], 'open-close', 'palms-turn'],
  grip: ['alternate-fists'],
});
const snapshot: Snapshot = { plan, people: [], helpers: [], slotMs: 1_200_000, shown: [] };
const rowsOf = (changes: TeachState['changes']) => rowsOfSnapshot(snapshot, CATALOGUE, changes);
const rows = rowsOf([]);
const [circles] = rows;

/** Commands at moments, with everything that was recorded. */
function played(...steps: readonly (readonly [ms: number, what: TeachCommand])[]): Moved {
  let moved = begin(rows, 0);
  const events: TeachEvent[] = [...moved.events];
  for (const [ms, what] of steps) {
    moved = command(rows, moved.state, what, ms);
    events.push(...moved.events);
  }
  return { state: moved.state, events };
}
const at = (state: TeachState, ms: number): Moved => flow(rows, state, ms);
const firstSideMs = circles!.beats.findLast((b) => b.side === 'L')!.startMs;

describe('a side that is left undone', () => {
  const left = played([1_000, 'go'], [1_000 + firstSideMs, 'next']);

  test('is written down with what was really counted of each hand', () => {
    const { runs: counted } = recordByRow(left.events).get(circles!.rowId)!;
    const planned = handTotals(counted, 'of');
    expect(handTotals(counted, 'n')).toEqual({ L: planned.L - 1, R: 0 });
    expect(planned.R).toBeGreaterThan(0);
  });

  test('stands on the screen by its name until it is given or let go', () => {
    expect(owedWords(rows, left.state)).toBe('wrist circles at the table edge, the right');
    expect(owedWords(rows, command(rows, left.state, 'letGo', 90_000).state)).toBeNull();
    expect(teachStateSchema.parse(JSON.parse(JSON.stringify(left.state)))).toEqual(left.state);
  });

  test('is given in one tap, it alone, counted in, and then the class goes on where it was', () => {
    const given = command(rows, left.state, 'give', 100_000);
    expect(owedWords(rows, given.state)).toBeNull();
    expect(rows[given.state.rowIndex]!.rowId).toBe(circles!.rowId);
    const beats = beatsOf(rows, given.state);
    expect(new Set(beats.filter((b) => b.number > 0).map((b) => b.side))).toEqual(new Set(['R']));
    expect(beats[0]!.change).toBe('start');
    const after = at(given.state, 100_000 + scriptLength(beats) + circles!.resetMs + 100);
    expect(after.state.rowIndex).toBe(1);
    expect(after.state.returnTo).toBeNull();
    const { runs: counted } = recordByRow([...left.events, ...given.events, ...after.events]).get(
      circles!.rowId,
    )!;
    expect(handTotals(counted, 'n')).toEqual({
      L: handTotals(counted, 'of').L - 1,
      R: handTotals(counted, 'of').R,
    });
  });

  test('left again while it is given, it is owed again, and nothing else is', () => {
    const given = command(rows, left.state, 'give', 100_000);
    const again = command(rows, given.state, 'next', 101_000);
    expect(owedWords(rows, again.state)).toBe('wrist circles at the table edge, the right');
    expect(again.state.rowIndex).toBe(1);
    const whole = [...left.events, ...given.events, ...again.events];
    expect(handTotals(recordByRow(whole).get(circles!.rowId)!.runs, 'n').L).toBeGreaterThan(0);
  });

  test('a break that is put in meanwhile does not lead back a row too early', () => {
    const given = command(rows, left.state, 'give', 100_000);
    const broken = withChange(rows, rowsOf, given.state, breakNow(plan, circles!, 'count', 'hand'), 101_000);
    const now = rowsOf(broken.state.changes);
    const on = command(now, broken.state, 'next', 102_000);
    expect(now[on.state.rowIndex]!.rowId).toBe(rows[1]!.rowId);
  });

  test('what follows uses what was given: the plan that was done has the left hand alone', () => {
    const done = donePlan(plan, recordByRow(left.events));
    const [row] = done.sections.flatMap((s) => s.rows);
    expect(row).toMatchObject({ id: circles!.rowId, dose: { sides: 'left' } });
    expect(doseTotals((row as { dose: Dose }).dose).right).toBe(0);
  });

  test('nothing is owed after a row is counted to its end, skipped, or all but done', () => {
    const counted = at(played([1_000, 'go']).state, 1_000 + circles!.countMs + circles!.resetMs + 50);
    expect(counted.state).toMatchObject({ rowIndex: 1, owed: [] });
    expect(played([1_000, 'go'], [2_000, 'skip']).state.owed).toEqual([]);
    expect(played([1_000, 'go'], [1_000 + circles!.countMs - 200, 'next']).state.owed).toEqual([]);
    expect(played([1_000, 'next']).state.owed).toEqual([]);
  });
});

test('whatever the dose, what is counted to its end is all counted, and what was done is never more than was planned', () => {
  fc.assert(
    fc.property(anyDose, fc.integer({ min: 0, max: 100 }), (dose, percent) => {
      const beats = scriptOf(dose, { breathMs: 5_000, slowFirst: false });
      const whole = countedSoFar(beats, beats, scriptLength(beats));
      expect(whole.map((r) => r.n)).toEqual(whole.map((r) => r.of));
      expect(doneDose(dose, whole)).toBe(dose);
      const part = countedSoFar(beats, beats, (scriptLength(beats) * percent) / 100);
      const done = doneDose(dose, part);
      if (!done) return expect(shareOf(part)).toBe(0);
      const [planned, given] = [doseTotals(dose), doseTotals(done)];
      expect(given.left).toBeLessThanOrEqual(planned.left);
      expect(given.right).toBeLessThanOrEqual(planned.right);
      return undefined;
    }),
    { numRuns: runs(500, 0.2) },
  );
});

test('what goes on until told is done whenever it is told to end; a hold cut short before its half is not', () => {
  const told = { mode: 'hold', holds: 1, holdMs: 20_000, relaxMs: 0, untilTold: true } as const;
  const runsAfter = (count: Dose['count'], ms: number) => {
    const own = planWith({ move: [['wrist-stretch-palm', { count, passes: [], sides: 'left' }]] });
    const its = rowsOfSnapshot({ ...snapshot, plan: own }, CATALOGUE);
    const started = command(its, begin(its, 0).state, 'go', 0);
    const cut = command(its, started.state, 'on', ms);
    return countedSoFar(its[0]!.beats, beatsOf(its, cut.state), offsetAtTime(cut.state, ms + 1));
  };
  expect(runsAfter(told, 6_000)).toMatchObject([{ n: 1, of: 1 }]);
  expect(runsAfter({ ...told, untilTold: undefined } as Dose['count'], 6_000)).toMatchObject([
    { n: 0, of: 1 },
  ]);
  expect(runsAfter({ ...told, untilTold: undefined } as Dose['count'], 12_000)).toMatchObject([
    { n: 1, of: 1 },
  ]);
});

describe('a command is taken back', () => {
  test('Next in mid-count: the count goes on from where it was left', () => {
    const counting = command(rows, begin(rows, 0).state, 'go', 1_000).state;
    const next = command(rows, counting, 'next', 6_000);
    const back = takenBack(rows, { state: counting, atMs: 6_000, what: 'next' }, next.state, 9_000);
    expect(back.state).toMatchObject({ rowIndex: 0, phase: 'count', running: true });
    expect(offsetAtTime(back.state, 9_000)).toBe(5_000);
    expect(back.state.owed).toEqual([]);
    const record = recordByRow([
      ...begin(rows, 0).events,
      { kind: 'count', rowId: circles!.rowId, atMs: 1_000 },
      ...next.events,
      ...back.events,
      { kind: 'end', rowId: null, atMs: 20_000 },
    ]);
    expect(record.get(circles!.rowId)).toMatchObject({ counted: true, skipped: false });
    expect(record.get(circles!.rowId)!.actualMs).toBeGreaterThanOrEqual(17_000);
  });

  test('Skip leaves no mark of it', () => {
    const counting = command(rows, begin(rows, 0).state, 'go', 1_000).state;
    const skipped = command(rows, counting, 'skip', 6_000);
    const back = takenBack(rows, { state: counting, atMs: 6_000, what: 'skip' }, skipped.state, 8_000);
    const record = recordByRow([...begin(rows, 0).events, ...skipped.events, ...back.events]);
    expect(record.get(circles!.rowId)!.skipped).toBe(false);
  });

  test('slower: the count stays where it is and goes as before', () => {
    const counting = command(rows, begin(rows, 0).state, 'go', 1_000).state;
    const slower = command(rows, counting, 'slower', 6_000);
    const back = takenBack(rows, { state: counting, atMs: 6_000, what: 'slower' }, slower.state, 8_000);
    expect(back.state.edits).toEqual([]);
    expect(offsetAtTime(back.state, 8_000)).toBe(7_000);
  });

  test('who is told not to be here meanwhile stays away, and letting go is taken back without moving the count', () => {
    const counting = command(rows, begin(rows, 0).state, 'go', 1_000).state;
    const next = command(rows, counting, 'next', 6_000).state;
    const away = [{ personId: '00000000-0000-4000-8000-000000000001', how: 'left' as const }];
    const back = takenBack(rows, { state: counting, atMs: 6_000, what: 'next' }, { ...next, away }, 9_000);
    expect(back.state.away).toEqual(away);
    const going = command(rows, { ...next, phase: 'count' }, 'go', 10_000).state;
    const letGo = command(rows, going, 'letGo', 12_000);
    const again = takenBack(rows, { state: going, atMs: 12_000, what: 'letGo' }, letGo.state, 15_000);
    expect(again.state).toEqual(going);
    expect(again.events.map((e) => e.kind)).toEqual(['undo']);
  });

  test('a change of the class: it is gone, and the one after it is told as what it is', () => {
    const first = breakNow(plan, circles!, 'setUp', 'hand');
    const was = begin(rows, 0);
    const changed = withChange(rows, rowsOf, was.state, first, 1_000);
    const back = takenBack(rows, { state: was.state, atMs: 1_000, what: 'hand' }, changed.state, 3_000);
    expect(back.state.changes).toEqual([]);
    const second = withChange(rows, rowsOf, back.state, breakNow(plan, circles!, 'setUp', 'water'), 5_000);
    const events = [...was.events, ...changed.events, ...back.events, ...second.events];
    expect(changesMade(events, second.state).map((c) => c.kind)).toEqual(['water']);
  });
});

test('the class ends here: the rest is not reached, and what was begun is written down', () => {
  const ended = played([1_000, 'go'], [1_000 + firstSideMs, 'end']);
  expect(ended.state.phase).toBe('done');
  const record = recordByRow(ended.events);
  expect([...record.keys()]).toEqual([circles!.rowId]);
  expect(record.get(circles!.rowId)!.runs.length).toBeGreaterThan(0);
});

test('behind its own plan but within the slot a class is not behind', () => {
  const late: TeachState = { ...START, running: true, anchorMs: 0 };
  const slotMs = 40 * 60_000;
  expect(timeInHand(rows, late, 120_000, slotMs)).toBe(0);
  expect(timeInHand(rows, late, slotMs, slotMs)).toBeLessThan(0);
});
