import { LIKELY_CONDITIONS, withGroup } from '@/catalogue/practice-facts';
import { CATALOGUE } from '@/catalogue/movements';
import type { TaughtRow } from '@/core/teach/taught-row';
import { COUNTED, scriptOf, type Beat } from '@/core/dose/script';
import { dice } from '@/core/dice';
import { nobodyKnown, personFieldsSchema, type Person } from '@/core/people/person';
import {
  courseAtStart,
  courseOf,
  formAt,
  seenFrom,
  slipsAt,
  withSeconds,
  type Course,
} from '@/core/practice/course';
import { FEWEST_PEOPLE, madeUpGroup, MOST_PEOPLE, withoutNames } from '@/core/practice/group';
import { PRACTICE_LEVELS } from '@/core/practice/level';
import { withAct } from '@/core/practice/log';
import { momentAt } from '@/core/practice/moment';
import { personNow, seenWords } from '@/core/practice/picture';
import { roomForRow } from '@/core/practice/room-for-row';
import { RATES, type Circumstance } from '@/core/practice/rates';
import { CUES, SLIP_KINDS, SLIPS, answeredBy, type SlipKind } from '@/core/practice/slips';
import { boundsOfShapes, holds } from '@/core/draw/bounds';
import { runs, SEED } from '../../runs';
import { badBot, classFor, goodBot, levelOf, planOf, snapshotFor, taughtBy, type Bot } from './bots';

const GRIP = planOf('grip', ['grip']);
/** Two rows of it, for what is asked of many classes. */
const SHORT = {
  ...GRIP,
  sections: GRIP.sections.map((s) => ({ ...s, rows: s.rows.filter((r) => r.kind === 'movement').slice(-2) })),
};
const silent: Bot = ({ moment, act }) => {
  const { state, row, offsetMs } = moment;
  if (row && state.phase === 'setUp' && offsetMs >= row.setUpMs) act('goOrPause');
  if (row?.kind === 'talk' && offsetMs >= row.countMs) act('next');
};
const slipSeconds = ({ slips, untilMs }: Course): number =>
  slips.reduce((sum, s) => sum + ((s.toMs ?? untilMs) - s.fromMs) / 1_000, 0);
const mostPain = ({ pains }: Course): number => Math.max(...pains.flatMap((p) => [...p.L, ...p.R]));

describe('a made-up group', () => {
  test.each([FEWEST_PEOPLE, 9, MOST_PEOPLE])(
    'of %d is the same for the same seed, and each could be a record',
    (n) => {
      const of = (seed: number) => madeUpGroup(seed, n, levelOf('ordinary'), LIKELY_CONDITIONS);
      expect(of(SEED)).toEqual(of(SEED));
      expect(of(SEED)).not.toEqual(of(SEED + 1));
      expect(of(SEED)).toHaveLength(n);
      expect(new Set(of(SEED).map((m) => m.person.firstName)).size).toBe(n);
      for (const { person, lagMs, range, understanding } of of(SEED)) {
        const { id: _id, archived: _archived, ...fields } = person;
        expect(personFieldsSchema.safeParse(fields).success).toBe(true);
        expect(lagMs).toBeGreaterThan(0);
        expect(range).toBeLessThanOrEqual(1);
        expect(understanding).toBeLessThanOrEqual(1);
      }
    },
  );

  test('people differ in what they have, how strong they are and how they follow', () => {
    const many = Array.from({ length: 20 }, (_, i) =>
      madeUpGroup(i, 10, levelOf('hard'), LIKELY_CONDITIONS),
    ).flat();
    expect(new Set(many.flatMap((m) => m.person.conditions.map((c) => c.conditionId))).size).toBeGreaterThan(
      10,
    );
    expect(many.some((m) => m.person.conditions.length === 0)).toBe(true);
    expect(new Set(many.map((m) => m.person.measures[0]!.value)).size).toBeGreaterThan(8);
    expect(many.some((m) => m.hasRing) && many.some((m) => !m.hasRing)).toBe(true);
  });

  test('copies of a list have what the people have, and nothing that says who they are', () => {
    const known: Person = {
      ...nobodyKnown({ firstName: 'Zenobia', initial: 'Q' }),
      id: '11111111-1111-4111-8111-111111111111',
      archived: false,
      notes: 'likes the blue chair',
      contact: 'a sister, 555',
      wantedTask: 'open the blue jar',
      agreedOn: '2026-01-02',
      clearances: [
        { scope: 'hand', side: 'R', by: 'Dr Quill', on: '2026-02-03', until: null, what: 'Zenobia may grip' },
      ],
      conditions: [{ conditionId: 'thumb-base', side: 'R', state: 'sore', since: null, spots: [] }],
    };
    const [copy] = withoutNames([known], SEED, levelOf('ordinary'));
    expect(copy!.person.conditions).toEqual(known.conditions);
    expect(copy!.person.clearances).toMatchObject([{ scope: 'hand', side: 'R', on: '2026-02-03' }]);
    const taught = withGroup({ ...snapshotFor(GRIP), people: [known], helpers: ['Wilfred'] }, [copy!]);
    expect(JSON.stringify([taught.people, taught.helpers])).not.toMatch(/Zenobia|Wilfred/);
    expect(JSON.stringify(copy)).not.toMatch(/Zenobia|"Q"|Quill|blue|sister|11111111|2026-01-02/);
    expect(
      withoutNames(
        Array.from({ length: 20 }, () => known),
        SEED,
        levelOf('calm'),
      ),
    ).toHaveLength(MOST_PEOPLE);
  });
});

describe('a practice class', () => {
  test('is the same for the same seed and the same teaching, worked out in one go or in pieces', () => {
    const cls = classFor(GRIP, { seed: SEED });
    const { course, log } = taughtBy(goodBot, cls);
    expect(course.slips.length).toBeGreaterThan(3);
    expect(courseOf(cls, log, course.untilMs)).toEqual(course);
    const roll = dice(SEED);
    let pieces = courseAtStart(cls);
    for (let at = 0; at < course.untilMs;) {
      at = Math.min(course.untilMs, at + Math.round(roll() * 40_000));
      pieces = withSeconds(cls, log, pieces, at);
    }
    expect(pieces).toEqual(course);
    expect(
      courseOf(classFor(GRIP, { seed: SEED + 1, group: cls.group }), log, course.untilMs).slips,
    ).not.toEqual(course.slips);
  });

  test.each(PRACTICE_LEVELS.map((l) => l.id))('at the level %s has the slips of that level alone', (id) => {
    const level = levelOf(id);
    const cls = classFor(GRIP, { seed: SEED, level: id, people: 12 });
    const { course } = taughtBy(badBot, cls);
    const kinds = new Set(course.slips.map((s) => s.kind));
    expect(kinds.size).toBeGreaterThan(1);
    for (const kind of kinds) expect(level.slips).toContain(kind);
    if (level.painMost === 0) expect(mostPain(course)).toBe(0);
  });

  test('harder levels have more slips, and more pain', () => {
    const of = PRACTICE_LEVELS.map(({ id }) =>
      Array.from(
        { length: 6 },
        (_, i) => taughtBy(silent, classFor(SHORT, { seed: SEED + i, level: id, people: 10 })).course,
      ),
    );
    const mean = (courses: readonly Course[], value: (c: Course) => number) =>
      courses.reduce((sum, c) => sum + value(c), 0) / courses.length;
    const [, calm, ordinary, hard] = of;
    expect(mean(ordinary!, (c) => c.slips.length)).toBeGreaterThan(mean(calm!, (c) => c.slips.length));
    expect(mean(hard!, (c) => c.slips.length)).toBeGreaterThan(mean(ordinary!, (c) => c.slips.length));
    expect(mean(hard!, mostPain)).toBeGreaterThan(mean(calm!, mostPain));
  });

  test('more load never gives fewer slips on average', () => {
    const heavier = (by: number) => ({
      ...SHORT,
      sections: SHORT.sections.map((s) => ({
        ...s,
        rows: s.rows.map((row) =>
          row.kind === 'movement' ? { ...row, effortOf10: Math.min(10, 2 + by) } : row,
        ),
      })),
    });
    const n = runs(24, 0.25);
    const slips = [0, 3, 6].map((by) =>
      Array.from({ length: n }, (_, i) => {
        const cls = classFor(heavier(by), { seed: SEED + i });
        return taughtBy(silent, cls).course;
      }),
    );
    const strain = (courses: readonly Course[]) =>
      courses
        .flatMap((c) => c.slips)
        .filter((s) => ['shoulders', 'breath', 'wrist', 'wince', 'stopped'].includes(s.kind)).length;
    expect(strain(slips[1]!)).toBeGreaterThanOrEqual(strain(slips[0]!));
    expect(strain(slips[2]!)).toBeGreaterThan(strain(slips[1]!));
  });
});

describe('the rates', () => {
  const EASY: Circumstance = {
    counting: true,
    load: 0.2,
    tired: 0.1,
    heldS: 0,
    hurry: 0,
    lost: 0.2,
    newSide: true,
    againstHabit: false,
    newWay: true,
    moves: true,
    isSequence: true,
    idleS: 0,
    listening: false,
    talkative: 0.5,
    pain: 1,
    holdsProp: true,
    weak: 0,
    ringInTheWay: false,
    faint: true,
    onFeet: false,
    holdsBreath: false,
  };
  const HARDER: readonly Partial<Circumstance>[] = [
    { load: 0.6 },
    { tired: 0.6 },
    { heldS: 9 },
    { hurry: 0.4 },
    { lost: 0.7 },
    { pain: 7 },
    { weak: 0.8 },
    { againstHabit: true },
    { idleS: 60, listening: true, counting: false },
    { ringInTheWay: true },
    { onFeet: true },
    { holdsBreath: true },
  ];

  test.each(SLIP_KINDS)(
    'of "%s" are never negative, and more of what strains never makes them smaller',
    (kind) => {
      expect(RATES[kind](EASY)).toBeGreaterThanOrEqual(0);
      for (const more of HARDER.filter((h) => h.counting !== false))
        expect(RATES[kind]({ ...EASY, ...more })).toBeGreaterThanOrEqual(RATES[kind](EASY));
      // And something makes it more likely.
      expect(HARDER.some((more) => RATES[kind]({ ...EASY, ...more }) > RATES[kind](EASY))).toBe(true);
    },
  );
});

describe('answers', () => {
  test('every slip but one has something to say that answers it, and that one takes help; every cue answers something', () => {
    for (const kind of SLIP_KINDS) expect(SLIPS[kind].answers.length > 0).toBe(kind !== 'light-headed');
    for (const { id } of CUES) expect(answeredBy(id).length).toBeGreaterThan(0);
  });

  test('what is said to somebody ends what they do within the next beats', () => {
    const cls = classFor(SHORT, { seed: SEED, level: 'hard', people: 12 });
    const { course, log } = taughtBy(silent, cls);
    const slips = course.slips.filter(
      (s) =>
        s.kind !== 'light-headed' && s.kind !== 'stopped' && (s.toMs ?? course.untilMs) - s.fromMs > 9_000,
    );
    expect(slips.length).toBeGreaterThan(5);
    for (const slip of slips.slice(0, 12)) {
      const saidMs = slip.fromMs + 2_000;
      const told = withAct(log, {
        atMs: saidMs,
        what: 'cue',
        cue: SLIPS[slip.kind].answers[0]!,
        to: slip.personId,
      });
      const answered = courseOf(cls, told, saidMs + 6_000);
      expect(
        slipsAt(answered, slip.personId, saidMs + 5_500).filter(
          (s) => s.fromMs === slip.fromMs && s.kind === slip.kind,
        ),
      ).toEqual([]);
    }
  });

  test('help brings whoever is light-headed out of it, and they sit by', () => {
    const taught = (seed: number) => {
      const cls = classFor(SHORT, { seed, level: 'hard', people: 15 });
      return { cls, ...taughtBy(silent, cls) };
    };
    const isFaint = ({ course }: ReturnType<typeof taught>) =>
      course.slips.some((s) => s.kind === 'light-headed');
    let found = taught(SEED);
    for (let seed = SEED + 1; !isFaint(found) && seed < SEED + 60; seed++) found = taught(seed);
    const slip = found.course.slips.find((s) => s.kind === 'light-headed')!;
    // Left alone it does not pass.
    expect(slip.toMs === null || slip.toMs >= found.course.untilMs - 5_000).toBe(true);
    const helped = withAct(found.log, { atMs: slip.fromMs + 3_000, what: 'help', to: null });
    const after = courseOf(found.cls, helped, slip.fromMs + 12_000);
    expect(slipsAt(after, slip.personId, slip.fromMs + 11_000)).toEqual([]);
    expect(formAt(after, slip.personId, slip.fromMs + 11_000)).toBe('rests');
  });

  test('a good answer never makes it worse: less of it goes on, and less hurts, whatever the seed', () => {
    const n = runs(40, 0.2);
    const pairs = Array.from({ length: n }, (_, i) => {
      const cls = classFor(SHORT, { seed: SEED + i });
      const answering: Bot = (at) => {
        silent(at);
        for (const { person } of cls.group)
          for (const slip of slipsAt(at.course, person.id, at.atMs - 1)) {
            if (at.atMs - slip.fromMs !== 2_000) continue;
            const cue = SLIPS[slip.kind].answers[0];
            if (cue) at.say(cue, person.id);
          }
      };
      return [taughtBy(silent, cls).course, taughtBy(answering, cls).course] as const;
    });
    for (const [alone, answered] of pairs) {
      expect(slipSeconds(answered)).toBeLessThanOrEqual(slipSeconds(alone));
      expect(mostPain(answered)).toBeLessThanOrEqual(mostPain(alone) + 0.25);
    }
  });
});

describe('teaching well and teaching badly', () => {
  const n = runs(200, 0.06);
  const both = Array.from({ length: n }, (_, i) => {
    const cls = classFor(SHORT, { seed: SEED + i });
    return { good: taughtBy(goodBot, cls).course, bad: taughtBy(badBot, cls).course };
  });

  test('give clearly different classes, seed by seed', () => {
    const share = (of: (pair: (typeof both)[number]) => boolean) => both.filter(of).length / n;
    expect(share(({ good, bad }) => slipSeconds(good) * 3 < slipSeconds(bad))).toBeGreaterThan(0.95);
    expect(share(({ good, bad }) => mostPain(good) + 1 < mostPain(bad))).toBeGreaterThan(0.9);
  });
});

describe('what is seen', () => {
  const cls = classFor(planOf('forty-five'), { seed: 3, people: 8, level: 'hard' });
  const { log, course } = taughtBy(silent, cls);
  const alone = { slips: [], forms: [] };
  /** Moments of counted work, one in each movement row. */
  const moments = log.turns.flatMap((turn) => {
    if (turn.state.phase !== 'count') return [];
    const beats = momentAt(cls, turn, turn.atMs).beats.filter((b) => COUNTED.has(b.kind));
    const middle = beats[Math.floor(beats.length / 3)];
    if (!middle) return [];
    return [momentAt(cls, turn, turn.atMs + middle.startMs + middle.durationMs * 0.4)];
  });
  const who = cls.group[0]!;
  const withSlip = (kind: SlipKind) => ({
    ...alone,
    slips: [{ personId: who.person.id, kind, rowId: '', why: '', fromMs: 0, toMs: null }],
  });

  const moves = ({ kind }: Beat) => kind === 'rep' || kind === 'step';
  const POSSIBLE: Partial<Record<SlipKind, (beat: Beat, inOrder: boolean) => boolean>> = {
    'other hand': ({ side }) => side === 'L' || side === 'R',
    'other way': (beat) => moves(beat) && beat.pass.name !== '',
    behind: moves,
    finger: ({ kind }, inOrder) => inOrder && kind === 'step',
  };

  test.each(SLIP_KINDS)('"%s" shows on the figure, and is told in words of its own', (kind) => {
    // Some slips can only be where there is something to be wrong: a side, a way, an order, a motion.
    const possible = moments.filter(({ beat, inOrder }) => POSSIBLE[kind]?.(beat!, inOrder) ?? true);
    const differ = possible.filter((moment) =>
      [0, 0.25, 0.5, 0.75].some((share) => {
        const at = { ...moment, offsetMs: moment.beat!.startMs + moment.beat!.durationMs * share };
        const drawn = (course: Pick<Course, 'slips' | 'forms'>) =>
          JSON.stringify(personNow(cls, course, at, who));
        return drawn(alone) !== drawn(withSlip(kind));
      }),
    );
    expect(possible.length).toBeGreaterThan(0);
    expect(differ.length).toBe(possible.length);
    expect(seenWords(withSlip(kind), who.person.id, 1_000)).toBe(SLIPS[kind].seen);
    expect(new Set(SLIP_KINDS.map((k) => SLIPS[k].seen)).size).toBe(SLIP_KINDS.length);
    // After a name it is a sentence.
    expect(SLIPS[kind].seen).toMatch(/^(has|still has|holds|lets|works|goes|falls|winces|sinks)\b/);
  });

  test('every movement that is counted is seen to move on somebody small', () => {
    const still = CATALOGUE.movements.filter((movement) => {
      const beats = scriptOf(movement.dose, { breathMs: 5_000, slowFirst: false });
      const beat = beats.find((b) => moves(b) && b.number > 1) ?? beats.find(moves);
      if (!beat) return false;
      const taught = moments[0]!.row!;
      const row = { ...taught, row: { ...taught.row, movementId: movement.id } } as TaughtRow;
      const times = [beat, ...beats.filter((b) => b.bout === beat.bout && moves(b)).slice(0, 3)].flatMap(
        (b) => [0.25, 0.5, 0.75].map((share) => b.startMs + b.durationMs * share),
      );
      const drawn = times.map((offsetMs) => {
        const at = { ...moments[0]!, row, movement, beats, beat, offsetMs };
        return JSON.stringify(personNow(cls, alone, at, { ...who, lagMs: 0 }));
      });
      return new Set(drawn).size === 1;
    });
    expect(still.map((m) => m.id)).toEqual([]);
  });

  test('everybody keeps inside the room of the row, whatever they do', () => {
    for (const moment of moments.filter((_, i) => i % 2 === 0)) {
      const room = roomForRow(cls, moment.row);
      for (const member of cls.group.slice(1, 4))
        expect(holds(room, boundsOfShapes(personNow(cls, alone, moment, member)))).toBe(true);
    }
  });

  test('a picture needs no more than what is kept of a course for it', () => {
    const atMs = course.untilMs / 2;
    const turn = log.turns.findLast((t) => t.atMs <= atMs)!;
    const moment = momentAt(cls, turn, atMs);
    const seen = seenFrom(course, atMs);
    expect(seen.slips.length).toBeLessThanOrEqual(course.slips.length);
    for (const member of cls.group)
      expect(personNow(cls, seen, moment, member)).toEqual(personNow(cls, course, moment, member));
  });

  test('somebody follows later than the count, by their own lag', () => {
    const late = { ...who, lagMs: 1_000 };
    const prompt = { ...who, lagMs: 0 };
    const moving = moments.filter((m) => m.beat!.kind === 'rep');
    expect(
      moving.some(
        (m) =>
          JSON.stringify(personNow(cls, alone, m, late)) !== JSON.stringify(personNow(cls, alone, m, prompt)),
      ),
    ).toBe(true);
  });
});
