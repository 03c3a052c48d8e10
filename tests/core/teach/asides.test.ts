import { CATALOGUE } from '@/catalogue/movements';
import { noted, withRungShift } from '@/core/teach/notes-and-own-rungs';
import { changesMade } from '@/core/teach/changes-made';
import { rowsOfSnapshot } from '@/core/teach/snapshot';
import { LIVE_CHANGES, START, teachEventSchema, type TeachEvent, type TeachState } from '@/core/teach/state';
import { withWaiting, type Letter } from '@/core/teach/outbox';
import { planWith } from '../plans';

const ANSEL = '00000000-0000-4000-8000-000000000001';
const BEA = '00000000-0000-4000-8000-000000000002';
const rows = rowsOfSnapshot(
  { plan: planWith({ move: ['wrist-bend', 'open-close'] }), people: [], helpers: [], slotMs: 1, shown: [] },
  CATALOGUE,
);

describe('one person, one row', () => {
  test('a second word takes the place of the first; other people and other rows keep theirs', () => {
    const first = withRungShift(rows, START, ANSEL, 'easier', 10);
    const both = withRungShift(rows, first.state, BEA, 'stronger', 20);
    const later = withRungShift(rows, { ...both.state, rowIndex: 1 }, ANSEL, 'easier', 30);
    const changed = withRungShift(rows, { ...later.state, rowIndex: 0 }, ANSEL, 'stronger', 40);
    expect(changed.state.rungShifts).toEqual([
      { rowId: 'wrist-bend', personId: BEA, to: 'stronger' },
      { rowId: 'open-close', personId: ANSEL, to: 'easier' },
      { rowId: 'wrist-bend', personId: ANSEL, to: 'stronger' },
    ]);
    expect(changed.events).toEqual([{ kind: 'stronger', rowId: 'wrist-bend', atMs: 40, personId: ANSEL }]);
  });

  test('when the class is done there is no row to be easier in', () => {
    const done: TeachState = { ...START, rowIndex: 2, phase: 'done' };
    expect(withRungShift(rows, done, ANSEL, 'easier', 10)).toEqual({ state: done, events: [] });
  });
});

test('a note moves nothing, and is kept with its row while there is one', () => {
  const { state, events } = noted(rows, START, 'Balls are too hard', 12.4);
  expect(state).toBe(START);
  expect(events).toEqual([{ kind: 'note', rowId: 'wrist-bend', atMs: 12, words: 'Balls are too hard' }]);
  expect(teachEventSchema.safeParse(events[0]).success).toBe(true);
  expect(noted(rows, { ...START, rowIndex: 2 }, 'Good class', 0).events[0]!.rowId).toBeNull();
});

test('changes to the class are told with their words, those for one person apart', () => {
  const event = (kind: TeachEvent['kind'], over: Partial<TeachEvent> = {}): TeachEvent => ({
    kind,
    rowId: null,
    atMs: 1,
    words: 'x',
    ...over,
  });
  const steps = LIVE_CHANGES.map(() => ({ type: 'setBreath' as const, breathMs: 5_000 }));
  const events = [
    event('enter'),
    event('easier', { personId: ANSEL }),
    ...LIVE_CHANGES.map((kind) => event(kind)),
    event('note'),
  ];
  const made = changesMade(events, { changes: steps });
  expect(made.map((m) => m.kind)).toEqual([...LIVE_CHANGES]);
  expect(made.map((m) => m.index)).toEqual(steps.map((_, i) => i));
  expect(made.filter((m) => m.keep).map((m) => m.kind)).toEqual(['easier', 'hand', 'water', 'swap']);
  expect(changesMade(events, { changes: [] })).toEqual([]);
});

describe('what a browser could not send', () => {
  const at = (rowIndex: number): TeachState => ({ ...START, rowIndex });
  const event: TeachEvent = { kind: 'enter', rowId: 'a', atMs: 0 };
  const letter = (firstSeq: number, events: number, state: TeachState): Letter => ({
    kind: 'events',
    classId: 'c',
    body: { firstSeq, events: Array.from({ length: events }, () => event), state },
  });
  const mark = (id: string, kind: 'sore' | 'eased') => ({
    id,
    personId: ANSEL,
    rowId: 'a',
    mark: kind,
    atMs: 0,
  });
  const known = { state: at(1), nextSeq: 4 };
  const NOTHING = { marks: [], answers: [] };

  test('later letters go on from what the server knows, in their order', () => {
    const { taught } = withWaiting(known, NOTHING, [letter(4, 2, at(2)), letter(6, 1, at(3))]);
    expect(taught).toEqual({ state: at(3), nextSeq: 7 });
  });

  test('what the server has gone on from changes nothing; what landed without an answer is the same again', () => {
    expect(withWaiting(known, NOTHING, [letter(1, 2, at(0))]).taught).toEqual(known);
    expect(withWaiting(known, NOTHING, [letter(3, 1, at(1))]).taught).toEqual(known);
  });

  test('marks are there once each', () => {
    const { marks } = withWaiting(known, { marks: [mark('1', 'sore')], answers: [] }, [
      { kind: 'marks', classId: 'c', body: mark('1', 'sore') },
      { kind: 'marks', classId: 'c', body: mark('2', 'eased') },
    ]);
    expect(marks.map((m) => [m.id, m.mark])).toEqual([
      ['1', 'sore'],
      ['2', 'eased'],
    ]);
  });
});
