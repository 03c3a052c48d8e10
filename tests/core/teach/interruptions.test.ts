import { CATALOGUE } from '@/catalogue/movements';
import { INTERRUPTIONS, interrupted, interruptionsOf } from '@/core/teach/interruptions';
import { offsetAtTime } from '@/core/teach/position';
import { recordByRow } from '@/core/teach/progress';
import { rowsOfSnapshot } from '@/core/teach/snapshot';
import { teachStateSchema, type Moved } from '@/core/teach/state';
import { begin, command, type TeachCommand } from '@/core/teach/transport';
import { planWith } from '../plans';

const plan = planWith({ move: ['wrist-bend', 'palms-turn'] });
const rows = rowsOfSnapshot({ plan, people: [], helpers: [], slotMs: 2_700_000, shown: [] }, CATALOGUE);

/** A class taught so: each command at its time, ms; an interruption by its reason. */
function taught(...steps: readonly (readonly [TeachCommand | (typeof INTERRUPTIONS)[number], number])[]) {
  const isWhy = (what: string): what is (typeof INTERRUPTIONS)[number] =>
    (INTERRUPTIONS as readonly string[]).includes(what);
  return steps.reduce<Moved>(
    ({ state, events }, [what, atMs]) => {
      const moved = isWhy(what) ? interrupted(rows, state, what, atMs) : command(rows, state, what, atMs);
      return { state: moved.state, events: [...events, ...moved.events] };
    },
    begin(rows, 0),
  );
}

test('an alarm in mid-count stops the count where it is, and is no part of what the row took', () => {
  const before = taught(['go', 10_000]);
  const paused = taught(['go', 10_000], ['pause', 14_000], ['an alarm', 20_000]);
  expect(paused.state).toMatchObject({ running: false, pausedFor: 'an alarm' });
  expect(teachStateSchema.parse(paused.state)).toEqual(paused.state);
  // Five minutes later the count is where it was.
  expect(offsetAtTime(paused.state, 314_000)).toBe(offsetAtTime(before.state, 14_000));
  const on = taught(
    ['go', 10_000],
    ['pause', 14_000],
    ['an alarm', 20_000],
    ['go', 314_000],
    ['next', 320_000],
    ['end', 330_000],
  );
  expect(on.state.pausedFor).toBeNull();
  expect(interruptionsOf(on.events)).toEqual([
    { rowId: 'wrist-bend', fromMs: 14_000, ms: 300_000, why: 'an alarm' },
  ]);
  expect(recordByRow(on.events).get('wrist-bend')).toMatchObject({ actualMs: 20_000, leadMs: 10_000 });
  expect(recordByRow(on.events).get('palms-turn')).toMatchObject({ actualMs: 10_000 });
});

test('while it is explained, the time before the count is without it; the last reason counts', () => {
  const { events } = taught(
    ['something else', 4_000],
    ['somebody came in', 5_000],
    ['go', 64_000],
    ['next', 70_000],
  );
  expect(interruptionsOf(events)).toMatchObject([{ ms: 60_000, why: 'somebody came in' }]);
  expect(recordByRow(events).get('wrist-bend')).toMatchObject({ actualMs: 10_000, leadMs: 4_000 });
});

test('a pause without a reason belongs to the row; so does one that has not ended', () => {
  const plain = taught(['go', 1_000], ['pause', 2_000], ['go', 62_000], ['next', 70_000]);
  expect(interruptionsOf(plain.events)).toEqual([]);
  expect(recordByRow(plain.events).get('wrist-bend')?.actualMs).toBe(70_000);
  expect(interruptionsOf(taught(['go', 1_000], ['an alarm', 2_000]).events)).toEqual([]);
});

test('a class that has ended is not interrupted any more', () => {
  const over = taught(['end', 1_000]);
  expect(interrupted(rows, over.state, 'an alarm', 2_000)).toEqual({ state: over.state, events: [] });
});
