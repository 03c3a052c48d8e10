import { CAUTIONS } from '@/catalogue/cautions/cautions';
import { CATALOGUE } from '@/catalogue/movements';
import { ownWays } from '@/core/progress/own-ways';
import { asToday, NOTHING_NEW, type CheckIn } from '@/core/screening/check-in';
import { verdictFor, VERDICTS } from '@/core/screening/verdict';
import { callsToCome, standingMarks, type SentMark } from '@/core/teach/marks';
import { withReports } from '@/core/teach/outbox';
import { peopleNow, type Reports } from '@/core/teach/people-now';
import { peopleHere, withAway } from '@/core/teach/notes-and-own-rungs';
import { rowsOfSnapshot } from '@/core/teach/snapshot';
import { START, teachStateSchema } from '@/core/teach/state';
import { command } from '@/core/teach/transport';
import { asAttended, asBefore, isAsUsual, lineWords, prefilledLine } from '@/core/teach/wrap-up';
import { person } from '../people';
import { planWith } from '../plans';

const who = person();
const plan = planWith({ move: ['wrist-bend', 'open-close'], grip: ['ball-squeeze'] });
const rows = rowsOfSnapshot({ plan, people: [who], helpers: [], slotMs: 2_700_000, shown: [] }, CATALOGUE);
const squeeze = rows.at(-1)!;
const context = { table: CAUTIONS, catalogue: CATALOGUE, today: '2026-11-25' };
const marked = (...kinds: (SentMark['mark'] | Pick<SentMark, 'mark' | 'hand'>)[]): Reports => ({
  marks: kinds.map((kind) => ({
    id: crypto.randomUUID(),
    personId: who.id,
    rowId: rows[0]!.rowId,
    atMs: 1_000,
    ...(typeof kind === 'string' ? { mark: kind } : kind),
  })),
  answers: [],
});
const said = (...checkIns: Partial<CheckIn>[]): Reports => ({
  marks: [],
  answers: checkIns.map((checkIn, i) => ({
    id: crypto.randomUUID(),
    personId: who.id,
    checkIn: { ...NOTHING_NEW, ...checkIn },
    atMs: i,
  })),
});
const onBall = (reports: Reports, from = who) => {
  const [now] = peopleNow([from], reports);
  const ball = CATALOGUE.movement('ball-squeeze')!;
  const { worst, L, R } = verdictFor(now!.person, ball, ball.dose, context);
  return { since: now!.since, worst, L: L.kind, R: R.kind };
};

test('a mark counts at once, and stopped for more than sore', () => {
  expect(onBall(marked())).toMatchObject({ since: null, worst: 'do' });
  expect(onBall(marked('eased'))).toMatchObject({ since: null, worst: 'do' });
  expect(onBall(marked('sore'))).toMatchObject({ since: 'sore', worst: 'adapt' });
  expect(onBall(marked('stopped', 'sore'))).toMatchObject({ since: 'stopped', worst: 'swap' });
});

test('a mark of one hand changes that hand alone; the worse of two counts', () => {
  expect(onBall(marked({ mark: 'sore', hand: 'R' }))).toMatchObject({ since: 'sore', L: 'do', R: 'adapt' });
  expect(onBall(marked('sore', { mark: 'stopped', hand: 'L' }))).toMatchObject({ L: 'swap', R: 'adapt' });
  expect(onBall(marked('stopped', { mark: 'sore', hand: 'L' }))).toMatchObject({ L: 'swap', R: 'swap' });
});

test('a mark that is taken back changes nothing, and one that is made afterwards counts', () => {
  expect(onBall(marked('sore', 'taken back'))).toMatchObject({ since: null, worst: 'do' });
  expect(onBall(marked('taken back', 'sore'))).toMatchObject({ since: 'sore' });
  expect(onBall(marked('sore', 'taken back', 'stopped'))).toMatchObject({ since: 'stopped' });
  const elsewhere = marked('sore', 'taken back').marks.map((m, i) =>
    i === 1 ? { ...m, rowId: 'another' } : m,
  );
  expect(standingMarks(elsewhere).map((m) => m.mark)).toEqual(['sore']);
});

test('whom a helper asks for stands until it is seen, and is no mark of anybody', () => {
  const { marks } = marked('come');
  expect(callsToCome(marks)).toEqual([who.id]);
  expect(standingMarks(marks)).toEqual([]);
  expect(onBall(marked('come'))).toMatchObject({ since: null, worst: 'do' });
  expect(callsToCome(marked('come', 'seen').marks)).toEqual([]);
  expect(callsToCome(marked('come', 'seen', 'come').marks)).toEqual([who.id]);
});

test('a mark in words says of which hand it is', () => {
  const [line] = [
    prefilledLine(who.id, standingMarks(marked({ mark: 'sore', hand: 'L' }).marks), () => 'Row'),
  ];
  expect(line!.adapted).toBe('Row: sore, left hand');
});

test('what holds all class long is not told in a row again, but that a hand rests is, and whoever has changed is told of in full', () => {
  const resting = person({
    conditions: [{ conditionId: 'fracture', side: 'L', state: 'not cleared', since: null, spots: [] }],
  });
  const throughout = new Map([
    [resting.id, { asked: new Set(['squeeze within comfort']), rests: new Set(['L' as const]) }],
  ]);
  const told = (reports: Reports, known = throughout) =>
    ownWays(
      {
        row: squeeze,
        people: peopleNow([resting], reports),
        rungShifts: [],
        ownRungs: [],
        throughout: known,
      },
      context,
    )[0]!.words;
  expect(told(marked())).toMatch(/left: rest/);
  const asked = new Map([[who.id, { asked: new Set(['effort 2 of 10 at most']), rests: new Set<never>() }]]);
  const sore = marked('sore');
  const whole = ownWays(
    { row: squeeze, people: peopleNow([who], sore), rungShifts: [], ownRungs: [] },
    context,
  );
  const known = ownWays(
    { row: squeeze, people: peopleNow([who], sore), rungShifts: [], ownRungs: [], throughout: asked },
    context,
  );
  expect(whole[0]!.words).toContain('effort 2 of 10 at most');
  expect(known).toEqual(whole);
});

test('a line in a few words says what differs, and nothing where nothing does', () => {
  const usual = prefilledLine(who.id, [], () => 'Row');
  expect(lineWords(usual)).toBe('came, all as usual');
  expect(lineWords({ ...usual, present: false, adapted: 'x' })).toBe('did not come');
  expect(
    lineWords({ ...usual, painAfterLeft: 4, painAfterRight: 0, effort: 3, adapted: 'Row: eased it' }),
  ).toBe('came; pain after 4 left, 0 right; effort 3; Row: eased it');
});

test('an answer given in the class counts at once, for the hand it is about', () => {
  expect(onBall(said({ painRight: 4 }))).toMatchObject({ since: 'answer', L: 'do', R: 'adapt' });
  expect(onBall(said({ painRight: 8 }))).toMatchObject({ since: 'answer', R: 'swap' });
  expect(onBall(said({ hotHand: 'L' }))).toMatchObject({ since: 'answer', L: 'swap', R: 'do' });
});

test('the last answer counts, and none makes anything milder than it was when the class began', () => {
  expect(onBall(said({ hotHand: 'L' }, { painLeft: 0 }))).toMatchObject({ since: null, L: 'do' });
  const atDoor = asToday(who, { ...NOTHING_NEW, painLeft: 8 });
  const before = onBall(said(), atDoor);
  for (const answer of [{ painLeft: 0 }, { painLeft: 3 }, { painRight: 9 }, { unwell: true }] as const) {
    const after = onBall(said(answer), atDoor);
    expect(VERDICTS.indexOf(after.L)).toBeGreaterThanOrEqual(VERDICTS.indexOf(before.L));
  }
});

test('what is latest goes by the class clock, not by when it was heard', () => {
  const { answers } = said({ painLeft: 0 }, { painLeft: 8 });
  const heardLate = { marks: [], answers: [...answers].reverse() };
  expect(onBall(heardLate)).toMatchObject({ since: 'answer', L: 'swap' });
  // The door's copy of a late-comer's first answer, heard after the second.
  const copy = { ...answers[0]!, id: who.id, atMs: 0 };
  expect(onBall({ marks: [], answers: [...answers, copy] })).toMatchObject({ L: 'swap' });
});

test('what was said at the door already is nothing new', () => {
  const atDoor = asToday(who, { ...NOTHING_NEW, painLeft: 8 });
  expect(peopleNow([atDoor], said({ painLeft: 8 }))).toEqual([{ person: atDoor, since: null }]);
});

test('who is not marked or asked stays the same person', () => {
  const other = person();
  expect(peopleNow([other], marked('stopped'))[0]!.person).toBe(other);
});

test('what screens are told once is not told again', () => {
  const [first, second] = [marked('sore'), said({ painLeft: 8 })];
  const both = withReports(first, second);
  expect(both).toEqual({ marks: first.marks, answers: second.answers });
  expect(withReports(both, first)).toBe(both);
});

describe('who does a row in their own way', () => {
  const others = [person({ firstName: 'Bashir', conditions: [] }), who];
  const ways = (reports: Reports) =>
    ownWays({ row: squeeze, people: peopleNow(others, reports), rungShifts: [], ownRungs: [] }, context);

  test('nobody, where nothing is the matter', () => {
    expect(ways(marked())).toEqual([]);
  });

  test('whoever has changed in this class, first, with why', () => {
    const [first] = ways(said({ painRight: 8 }));
    expect(first).toMatchObject({ personId: who.id, hands: { R: { kind: 'swap' } } });
    expect(first!.words).toMatch(/^asked in this class; /);
    // What a helper's machine is sent says nothing of anybody's health.
    expect(JSON.stringify(first)).not.toMatch(/pain|flare|sore|reason/i);
    expect(ways(marked('sore'))[0]!.words).toMatch(/^sore in this class; /);
  });

  test('whoever is called to do it easier, in the words of that rung', () => {
    const to = 'easier' as const;
    const [own] = ownWays(
      {
        row: squeeze,
        people: peopleNow(others, marked()),
        rungShifts: [{ rowId: squeeze.rowId, personId: who.id, to }],
        ownRungs: [],
      },
      context,
    );
    expect(own!.words).toMatch(/^easier now: ./);
  });
});

describe('who is not here', () => {
  const now = peopleNow([who], { marks: [], answers: [] });
  const away = (how: 'not here' | 'left') => withAway(rows, START, who.id, how, 60_000);

  test('is not spoken of until they are here after all, and it is written down', () => {
    const gone = away('not here');
    expect(peopleHere(now, gone.state)).toEqual([]);
    expect(gone.events).toMatchObject([{ kind: 'away', personId: who.id, words: 'not here' }]);
    const back = withAway(rows, gone.state, who.id, null, 90_000);
    expect(peopleHere(now, back.state)).toEqual(now);
    expect(back.events).toMatchObject([{ kind: 'here', personId: who.id }]);
    expect(teachStateSchema.parse(JSON.parse(JSON.stringify(gone.state)))).toEqual(gone.state);
  });

  test('stays away when the class goes on', () => {
    const next = command(rows, away('left').state, 'next', 70_000).state;
    expect(next.away).toEqual([{ personId: who.id, how: 'left' }]);
  });

  test('stands so in the wrap-up: away, or left before the end', () => {
    const line = prefilledLine(who.id, [], () => '');
    expect(asAttended(line, away('not here').state).present).toBe(false);
    expect(asAttended(line, away('left').state)).toMatchObject({
      present: true,
      notes: 'Left before the end',
    });
    expect(asAttended(line, START)).toBe(line);
  });
});

test('everyone else is who came, with nothing marked and nothing said; their pain is as before', () => {
  const line = prefilledLine('00000000-0000-4000-8000-000000000001', [], () => '', {
    painLeft: 2,
    painRight: null,
  });
  expect(isAsUsual(line)).toBe(true);
  expect(asBefore(line, 3)).toMatchObject({
    painAfterLeft: 2,
    painAfterRight: null,
    effort: 3,
    enjoyed: null,
  });
  for (const over of [
    { present: false },
    { adapted: 'Ball squeeze: sore' },
    { painAfterLeft: 0 },
    { effort: 1 },
    { enjoyed: 8 },
  ])
    expect(isAsUsual({ ...line, ...over })).toBe(false);
  expect(isAsUsual({ ...line, notes: 'Left before the end' })).toBe(true);
});
