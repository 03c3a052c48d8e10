import { courseOf, type Slip } from '@/core/practice/course';
import { EMPTY_LOG, withAct, type Act, type PracticeLog } from '@/core/practice/log';
import { PRACTICE_LEVELS } from '@/core/practice/level';
import { reactionsTo, TIME_TO_SEE_MS } from '@/core/practice/reactions';
import { practiceResultSchema, resultOf, shareMet, type PracticeResult } from '@/core/practice/result';
import { reviewOf } from '@/core/practice/review';
import { reactionWords, reviewLines } from '@/core/practice/review-words';
import { seatsOf } from '@/core/practice/seats';
import { CUES, SLIP_KINDS } from '@/core/practice/slips';
import { soFar } from '@/core/practice/so-far';
import { SEED } from '../../runs';
import { badBot, classFor, goodBot, planOf, taughtBy, type Bot } from './bots';

const [ALMA, BERTIL] = ['00000000-0000-4000-8000-000000000001', '00000000-0000-4000-8000-000000000002'];
const slip = (over: Partial<Slip> = {}): Slip => ({
  personId: ALMA!,
  kind: 'shoulders',
  rowId: 'r',
  why: 'it was hard work',
  fromMs: 10_000,
  toMs: 20_000,
  ...over,
});
const after = (...acts: readonly Act[]): PracticeLog => acts.reduce(withAct, EMPTY_LOG);
const cue = (atMs: number, id: Extract<Act, { what: 'cue' }>['cue'], to: string | null): Act => ({
  atMs,
  what: 'cue',
  cue: id,
  to,
});

describe('how a slip was met', () => {
  test.each<[string, Act, number | null]>([
    ['said to them', cue(13_000, 'shoulders', ALMA!), 13_000],
    ['said to everyone', cue(13_000, 'shoulders', null), 13_000],
    ['something else said to them: they were seen', cue(13_000, 'wrist', ALMA!), 13_000],
    ['something else said to everyone', cue(13_000, 'wrist', null), null],
    ['said to somebody else', cue(13_000, 'shoulders', BERTIL!), null],
    ['tapped', { atMs: 14_000, what: 'noticed', to: ALMA! }, 14_000],
    ['said before it was', cue(9_000, 'shoulders', ALMA!), null],
    ['said just after it went', cue(21_500, 'shoulders', ALMA!), 21_500],
    ['said long after', cue(24_000, 'shoulders', ALMA!), null],
  ])('%s', (_, act, seenMs) => {
    expect(reactionsTo([slip()], after(act), 60_000)[0]!.seenMs).toBe(seenMs);
  });

  test('changes to the class and help answer what they are for', () => {
    const behind = slip({ kind: 'behind' });
    const slower = { ...EMPTY_LOG, events: [{ kind: 'slower', rowId: 'r', atMs: 12_000 } as const] };
    expect(reactionsTo([behind, slip()], slower, 60_000).map((r) => r.seenMs)).toEqual([12_000, null]);
    const faint = slip({ kind: 'light-headed', toMs: null });
    expect(reactionsTo([faint], after({ atMs: 30_000, what: 'help', to: null }), 60_000)[0]!.seenMs).toBe(
      30_000,
    );
  });

  test('what is over before anybody could see it counts only where it was met', () => {
    const short = slip({ toMs: 10_000 + TIME_TO_SEE_MS - 1_000 });
    expect(reactionsTo([short], EMPTY_LOG, 60_000)[0]!.counts).toBe(false);
    expect(reactionsTo([short], after(cue(11_000, 'shoulders', null)), 60_000)[0]!.counts).toBe(true);
    expect(reactionsTo([slip()], EMPTY_LOG, 60_000)[0]!.counts).toBe(true);
  });
});

describe('how a class went', () => {
  const plan = planOf('grip', ['grip', 'settle']);
  const cls = classFor(plan, { seed: SEED, people: 8 });
  const good = taughtBy(goodBot, cls);
  const bad = taughtBy(badBot, cls);
  const of = ({ log, course }: typeof good) => reviewOf(cls, log, course);

  test('says what was met, what was not, who hurt and what was given', () => {
    const [well, badly] = [of(good), of(bad)];
    expect(well.seen).toBeGreaterThan(0);
    expect(well.missed).toBeLessThan(badly.missed);
    expect(badly.seen).toBe(0);
    expect(badly.secondsToSee).toBeNull();
    expect(well.secondsToSee).toBeLessThan(5);
    expect(well.ending).toBe('kept');
    expect(well.rowsShort).toEqual([]);
    expect(well.byKind.reduce((sum, k) => sum + k.n, 0)).toBe(well.seen + well.missed);
    expect(badly.hurt.length).toBeGreaterThan(well.hurt.length);
    for (const hurt of badly.hurt) {
      expect(hurt.most).toBeGreaterThan(hurt.from);
      expect(hurt.why).not.toBe('');
      expect(hurt.atMs).toBeLessThanOrEqual(badly.lengthMs);
    }
    const { moving, talking, paused } = badly.shares;
    expect(moving + talking + paused).toBeCloseTo(1);
    expect(badly.shares.talking).toBeGreaterThan(well.shares.talking);
  });

  test('what was not met comes first, and of that what matters most', () => {
    const { reactions } = of(bad);
    const met = reactions.map((r) => r.seenMs !== null);
    expect(met.lastIndexOf(false)).toBe(met.filter((m) => !m).length - 1);
  });

  test('a count that goes on by itself is even; one that is paused in the middle is not', () => {
    const pausing: Bot = (at) => {
      goodBot(at);
      const inside = at.moment.sinceChangeMs;
      if (at.moment.beat?.kind === 'rep' && at.moment.state.running && inside >= 3_000 && inside < 4_000)
        at.act('pause');
      if (!at.moment.state.running && at.atMs % 5_000 === 0) at.act('go');
    };
    const even = of(taughtBy(badBot, classFor(plan, { seed: SEED, level: 'calm' })));
    const paused = of(taughtBy(pausing, classFor(plan, { seed: SEED, level: 'calm' })));
    expect(even.unevenPercent).not.toBeNull();
    expect(paused.unevenPercent!).toBeGreaterThan(even.unevenPercent! + 5);
    expect(paused.shares.paused).toBeGreaterThan(0);
  });

  test('a class that is ended early has lost its ending, and a row of one side alone is not given in full', () => {
    const early: Bot = (at) => {
      goodBot(at);
      if (at.atMs === 90_000) at.act('end');
    };
    const review = of(taughtBy(early, cls));
    expect(review.ending).toBe('left out');
    expect(review.rowsShort.length).toBeGreaterThan(0);
    expect(reviewLines(review)).toContain('The ending was left out.');
  });

  test('is told in whole sentences, for every level', () => {
    for (const run of [good, bad]) {
      for (const line of reviewLines(of(run))) expect(line).toMatch(/^[A-Z0-9].*\.$/);
      for (const r of of(run).reactions) {
        expect(reactionWords(r, 'Alma H')).toMatch(
          /^Alma H (has|still has|holds|lets|works|goes|falls|winces|sinks) .*: .*\. (Met after \d+ s\.|Not met\. .*)$/,
        );
      }
    }
    expect(CUES.every((c) => c.words.length <= 14)).toBe(true);
  });

  test('the same moment is there to be seen again: a course up to it is the beginning of the whole', () => {
    const at = Math.round(good.course.untilMs / 2_000) * 1_000;
    const half = courseOf(cls, good.log, at);
    expect(half.slips.map((s) => [s.personId, s.kind, s.fromMs])).toEqual(
      good.course.slips.filter((s) => s.fromMs < at).map((s) => [s.personId, s.kind, s.fromMs]),
    );
  });

  test('what is kept are figures, and nobody’s name', () => {
    const result = resultOf(cls.level, cls.group.length, of(bad));
    expect(practiceResultSchema.parse(result)).toEqual(result);
    for (const { person } of cls.group) expect(JSON.stringify(result)).not.toContain(person.firstName);
    expect(SLIP_KINDS).toContain(result.missedMost);
  });
});

describe('practices so far', () => {
  const result = (seen: number, missed: number, level: PracticeResult['level'] = 'calm'): PracticeResult => ({
    level,
    people: 8,
    lengthMs: 600_000,
    seen,
    missed,
    secondsToSee: 4,
    missedMost: null,
    hurt: 0,
    ending: 'kept',
    rowsFull: 8,
    rowsPlanned: 8,
    unevenPercent: 0,
    talking: 0.2,
  });

  test('the last three of a level are set beside the first three, once there are six', () => {
    const newestFirst = [9, 8, 9, 4, 2, 3].map((seen) => result(seen, 10 - seen));
    const [calm] = soFar(newestFirst);
    expect(calm).toMatchObject({ n: 6, then: { met: 0.3 }, now: { met: 0.9 } });
    expect(calm!.met).toEqual([0.3, 0.2, 0.4, 0.9, 0.8, 0.9]);
    expect(soFar(newestFirst.slice(0, 5))[0]!.then).toBeNull();
    expect(soFar([...newestFirst, result(1, 1, 'hard')]).map((l) => l.level.id)).toEqual(['calm', 'hard']);
    expect(soFar([])).toEqual([]);
  });

  test('where nothing came there was nothing to meet', () => {
    expect(shareMet(result(0, 0))).toBeNull();
    expect(soFar([result(0, 0)])[0]!.now.met).toBeNull();
  });
});

describe('the half circle', () => {
  const sizes = [
    [840, 310],
    [740, 330],
    [360, 352],
    [1_200, 288],
  ] as const;
  const everyNumber = Array.from({ length: 10 }, (_, i) => 6 + i);

  test.each(sizes)('in %d by %d px everybody is inside, and no head is behind another', (w, h) => {
    for (const n of everyNumber)
      for (const aspect of [0.7, 1, 1.4]) {
        const seats = seatsOf(n, w, h, aspect);
        expect(seats).toHaveLength(n);
        const heads = seats.map((s) => ({ x: s.x + s.w / 2, y: s.y + s.h * 0.15, r: s.h * 0.08 }));
        for (const s of seats) {
          expect(s.x).toBeGreaterThanOrEqual(-0.01);
          expect(s.y).toBeGreaterThanOrEqual(-0.01);
          expect(s.x + s.w).toBeLessThanOrEqual(w + 0.01);
          expect(s.y + s.h).toBeLessThanOrEqual(h + 0.01);
        }
        heads.forEach((a, i) =>
          heads.slice(i + 1).forEach((b) => {
            expect(Math.hypot(a.x - b.x, a.y - b.y)).toBeGreaterThan(a.r + b.r);
          }),
        );
      }
  });
});

test('there are four levels, from the count alone to a hard day', () => {
  expect(PRACTICE_LEVELS.map((l) => l.id)).toEqual(['count only', 'calm', 'ordinary', 'hard']);
  for (const { words } of PRACTICE_LEVELS) expect(words).toMatch(/^[A-Z].*\.$/);
});
