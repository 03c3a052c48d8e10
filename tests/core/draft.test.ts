import fc from 'fast-check';
import { CAUTIONS } from '@/catalogue/cautions/cautions';
import { RECORDED } from '@/catalogue/conditions';
import { CATALOGUE, MOVEMENTS } from '@/catalogue/movements';
import { PROPS } from '@/catalogue/props';
import { TASKS } from '@/catalogue/tasks';
import { draftClass, draftFactsOf, type Draft, type DraftGiven } from '@/core/draft/draft';
import { type Solve } from '@/core/draft/answer';
import { draftOptions } from '@/core/draft/option';
import { wantedTasksOf } from '@/core/draft/tasks';
import { primaryCount, type Dose } from '@/core/dose';
import { doseTiming } from '@/core/dose/timing';
import { scoreOf } from '@/core/draft/score';
import type { DraftWish } from '@/core/draft/wish';
import { CONDITION_STATES, type Person } from '@/core/people/person';
import { planVolume } from '@/core/plan/check/volume';
import { checkWithReserve } from '@/core/plan/check/check';
import { mendEffect } from '@/core/plan/check/mend-effect';
import type { ClassFacts } from '@/core/plan/check/class-facts';
import { movementRows } from '@/core/plan/plan';
import { isLeftOut, verdictFor } from '@/core/screening/verdict';
import { solver } from './draft-solver';
import { person } from './people';
import { runs, SEED } from '../runs';
import { baseline, facts, planWith } from './plans';

let solve: Solve;
let quick: Solve;
beforeAll(async () => {
  solve = await solver();
  // With many groups shares and places are looked at closely, which a draft within 5 % may miss.
  quick = process.env.OSKIL_FUZZ ? solve : await solver(0.05);
});

const MINUTE = 60_000;
const wish = (over: Partial<DraftWish> = {}): DraftWish => ({
  focus: [],
  pinned: [],
  banned: [],
  kept: [],
  stays: [],
  withoutProps: false,
  lengthMs: 45 * MINUTE,
  seed: 1,
  ...over,
});
const given = (facts: ClassFacts): DraftGiven => ({ facts, lately: [], breathMs: 5_000, tasks: TASKS });
const full = Object.fromEntries(PROPS.map((p) => [p.id, 30]));
const group = () => [person(), person(), person(), person()];
function drafted(f: ClassFacts, w: DraftWish = wish(), by: Solve = quick): Draft {
  const result = draftClass(given(f), w, by);
  if (!result.ok) throw new Error(result.message);
  return result.value;
}
/** The dose of each movement, where it is done first. */
const dosesOf = ({ plan }: Draft): ReadonlyMap<string, Dose> =>
  new Map([...movementRows(plan)].reverse().map((r) => [r.movementId, r.dose]));
/** Looking and breathing need no teaching. */
const taughtIn = (draft: Draft): number =>
  [...dosesOf(draft).keys()].filter((id) => !['notice', 'breath'].includes(CATALOGUE.movement(id)!.effort))
    .length;
const movementsOf = ({ plan }: Draft) => movementRows(plan).map((r) => r.movementId);
const mustsOf = ({ plan }: Draft, f: ClassFacts) =>
  checkWithReserve(plan, f)
    .findings.filter((x) => x.severity === 'must')
    .map((x) => `${x.code} ${x.text}`);

describe('a draft', () => {
  test('breaks no must, fills its time, covers every purpose, and says why each row is there', () => {
    const f = facts({ people: group() });
    const draft = drafted(f, wish(), solve);
    expect(mustsOf(draft, f)).toEqual([]);
    const { timing } = checkWithReserve(draft.plan, f);
    expect(timing.totalMs).toBeLessThanOrEqual(45 * MINUTE);
    expect(timing.totalMs).toBeGreaterThan(38 * MINUTE);
    const purposes = new Set(movementsOf(draft).map((id) => CATALOGUE.movement(id)!.purpose));
    expect(purposes.size).toBe(5);
    expect(draft.proven).toBe(true);
    for (const { why, movementId } of draft.rows) {
      expect(why).toMatch(/^Here because .+\.$/);
      expect(movementsOf(draft)).toContain(movementId);
    }
  });

  test('the same wish and seed give the same draft; among a few seeds not all are alike', () => {
    const f = facts({ people: group() });
    const of = (seed: number) => JSON.stringify(drafted(f, wish({ seed }), solve).plan);
    expect(of(7)).toBe(of(7));
    expect(new Set([1, 2, 3, 4].map(of)).size).toBeGreaterThan(1);
  });

  test('what is pinned is there, what is banned is not; without props nothing is handed out', () => {
    const f = facts({ people: group() });
    const pinned = drafted(f, wish({ pinned: ['cloth-wring', 'seated-march'] }));
    expect(movementsOf(pinned)).toEqual(expect.arrayContaining(['cloth-wring', 'seated-march']));
    expect(pinned.rows.find((r) => r.movementId === 'seated-march')!.why).toBe('Here because it was pinned.');
    const banned = movementsOf(pinned)
      .filter((id) => !['cloth-wring', 'seated-march'].includes(id))
      .slice(0, 6);
    const others = drafted(f, wish({ banned }));
    for (const id of banned.filter((b) => !isFrame(b))) expect(movementsOf(others)).not.toContain(id);
    const bare = drafted(f, wish({ withoutProps: true }));
    expect(checkWithReserve(bare.plan, f).kit).toEqual([]);
  });

  test.each([
    ['calm', 'ease', 'grip'],
    ['bone', 'load', 'calm'],
    ['grip', 'grip', 'calm'],
  ] as const)('a focus on %s brings more of %s than a focus on %s', (focus, purpose, other) => {
    const f = facts({ people: group() });
    const seconds = (d: Draft) =>
      movementRows(d.plan)
        .filter((r) => CATALOGUE.movement(r.movementId)!.purpose === purpose)
        .reduce((ms, r) => ms + doseTiming(r.dose, { breathMs: 5_000, slowFirst: false }).totalMs, 0);
    expect(seconds(drafted(f, wish({ focus: [focus] })))).toBeGreaterThan(
      seconds(drafted(f, wish({ focus: [other] }))),
    );
  });

  test('a class that goes on keeps its loading, and one about bone has at least twice the loading index where people allow it', () => {
    const f = facts({ people: group(), shown: MOVEMENTS.map((m) => m.id), bag: full });
    const index = (d: Draft) => planVolume(d.plan, f.catalogue).loading;
    const plain = index(drafted(f));
    expect(index(drafted(f, wish({ focus: ['bone'] })))).toBeGreaterThanOrEqual(2 * plain);
    const last = planWith({
      move: ['wrist-bend', 'open-close', 'palms-turn', 'five-shapes', 'wrist-side'],
      grip: ['ball-squeeze'],
      load: ['thigh-press'],
      ease: ['stroke-arms'],
    });
    expect(index(drafted({ ...f, baseline: baseline(last), attended: {} }))).toBeGreaterThan(0);
  });

  test('ten minutes less is a shorter class', () => {
    const f = facts({ people: group() });
    const shorter = drafted(f, wish({ lengthMs: 35 * MINUTE }));
    expect(checkWithReserve(shorter.plan, f).timing.totalMs).toBeLessThanOrEqual(35 * MINUTE);
    expect(mustsOf(shorter, f)).toEqual([]);
  });

  test('what somebody wants to do again is practised, and said in their words', () => {
    const gardener = person({ wantedTask: 'turn the stiff tap by the water butt' });
    const f = facts({
      people: [gardener, ...group()],
      bag: Object.fromEntries(PROPS.map((p) => [p.id, 30])),
    });
    const [row] = drafted(f).rows.filter((r) => r.movementId === 'stiff-tap');
    expect(row!.why).toBe(
      'Here because it practises what is wished for: turn the stiff tap by the water butt.',
    );
  });

  test('goes on from last time, gently: the rise stays inside its limits', () => {
    const last = planWith({
      move: ['wrist-bend', 'open-close'],
      grip: ['ball-squeeze', 'alternate-fists'],
      open: ['loop-spread'],
      load: ['thigh-press'],
    });
    const f = facts({ people: group(), baseline: baseline(last), attended: {} });
    const draft = drafted(f);
    expect(mustsOf(draft, f)).toEqual([]);
    expect(movementsOf(draft)).toEqual(expect.arrayContaining(['wrist-bend', 'open-close']));
  });

  test('wishes that cannot all be met are refused in words', () => {
    const f = facts({ people: group() });
    const refused = (w: Partial<DraftWish>) => {
      const result = draftClass(given(f), wish(w), quick);
      return result.ok ? '' : result.message;
    };
    expect(refused({ pinned: ['ball-squeeze'], withoutProps: true })).toMatch(
      /^These wishes cannot all be met\. Leave out (the pin on ball squeeze|doing without props), and/,
    );
    expect(
      refused({ pinned: ['look-again', 'drops-table', 'no-such-one'], banned: ['drops-table'] }),
    ).toMatch(/Leave out the pin on .* and the pin on a movement nobody knows, and/);
    const four = ['no-such-one', 'nor-this', 'nor-that', 'nor-those'];
    expect(refused({ pinned: ['open-close', ...four] }).split('a movement nobody knows')).toHaveLength(5);
    expect(refused({ lengthMs: 4 * MINUTE })).toMatch(/Leave out the shorter length, and/);
    expect(refused({ lengthMs: 4 * MINUTE, pinned: ['five-shapes'] })).toMatch(/the shorter length/);
  });

  test('a swap costs what it says: the score as it is, less the score with the other in its place', () => {
    const f = facts({ people: group() });
    const { rows, score, plan } = drafted(f);
    const options = draftOptions(draftFactsOf(given(f)), wish());
    const doses = new Map(movementRows(plan).map((r) => [r.movementId, JSON.stringify(r.dose)]));
    const chosen = rows.map(({ movementId: id }) =>
      options.find((o) => o.movement.id === id && JSON.stringify(o.dose) === doses.get(id))!,
    );
    expect(scoreOf(chosen, wish())).toBeCloseTo(score, 9);
    const swaps = rows.flatMap(({ instead }, i) => (instead ? [{ instead, i }] : []));
    expect(swaps.length).toBeGreaterThan(5);
    for (const { instead, i } of swaps) {
      const rest = chosen.filter((_, j) => j !== i);
      const [row, other] = [chosen[i]!.movement, CATALOGUE.movement(instead.movementId)!];
      expect(other.purpose).toBe(row.purpose);
      expect(other.joints.some((joint) => row.joints.includes(joint))).toBe(true);
      expect(movementsOf({ plan } as Draft)).not.toContain(other.id);
      // Solved again with it pinned and the rest as it is, there is such a class, at this price.
      const pinned = [...rest.map((o) => o.movement.id), other.id];
      const costs = options
        .filter((o) => o.movement.id === other.id)
        .map((o) => score - scoreOf([...rest, o], wish()));
      expect(costs.some((c) => Math.abs(c - instead.cost) < 1e-9)).toBe(true);
      expect(draftClass(given(f), wish({ pinned, banned: [row.id] }), quick).ok).toBe(true);
    }
  });

  test('no two neighbours have the same reason, and what goes on with more says how much', () => {
    const f = facts({ people: group(), shown: MOVEMENTS.map((m) => m.id), bag: full });
    const first = drafted(f);
    const next = drafted({ ...f, baseline: baseline(first.plan), attended: {} }, wish({ seed: 2 }));
    for (const { rows } of [first, next])
      rows.slice(1).forEach(({ why }, i) => expect(why).not.toBe(rows[i]!.why));
    // What is said of a step is what the plan has, also where a mend has put it back.
    const was = new Map(movementRows(first.plan).map((r) => [r.movementId, r.dose]));
    const is = new Map(movementRows(next.plan).map((r) => [r.movementId, r.dose]));
    const told = next.rows.flatMap(({ why, movementId }) => {
      const step = /^Here because it goes on from .+ with (\d+)( sets)? instead of (\d+)\.$/.exec(why);
      return step
        ? [{ movementId, now: Number(step[1]), then: Number(step[3]), inSets: Boolean(step[2]) }]
        : [];
    });
    expect(told.length).toBeGreaterThan(0);
    for (const { movementId, now, then, inSets } of told) {
      const of = (dose: Dose) => (inSets ? dose.sets : primaryCount(dose.count));
      expect([of(is.get(movementId)!), of(was.get(movementId)!)]).toEqual([now, then]);
    }
  });

  test('few movements done for long: 12 to 18 in 45 minutes that are full, and at most eight in a first class', () => {
    const f = facts({ people: group(), shown: MOVEMENTS.map((m) => m.id), bag: full });
    for (const focus of [[], ['calm'], ['bone'], ['grip'], ['stiffness']] as const) {
      const draft = drafted(f, wish({ focus }));
      const movements = new Set(movementsOf(draft)).size;
      expect(movements).toBeGreaterThanOrEqual(12);
      expect(movements).toBeLessThanOrEqual(18);
      expect(draft.lengthMs).toBeGreaterThanOrEqual(0.92 * 45 * MINUTE);
      expect(draft.lengthMs).toBeLessThanOrEqual(45 * MINUTE);
    }
    const first = drafted({ ...f, shown: [] });
    expect(taughtIn(first)).toBeLessThanOrEqual(8);
    expect(first.lengthMs).toBeGreaterThanOrEqual(0.92 * 45 * MINUTE);
    expect(first.limits).toContain('8 movements at the most in a first class');
    // What is learned first is what others build on, and each is done once more.
    expect(movementsOf(first)).toEqual(expect.arrayContaining(['open-close', 'wrist-bend']));
    const again = first.plan.sections.find((s) => s.name === 'Once more')!;
    expect(again.rows.length).toBeGreaterThan(3);
    expect(first.plan.sections.at(-1)!.kind).toBe('settle');
  });

  test('what builds on another movement is drafted with it or once it was shown', () => {
    const first = drafted(facts({ people: group(), shown: [], bag: full }));
    const ids = new Set(movementsOf(first));
    for (const id of ids) {
      const { follows } = CATALOGUE.movement(id)!;
      if (follows.length > 0) expect(follows.some((f) => ids.has(f))).toBe(true);
    }
  });

  test('a swap changes its row alone where that goes; else the rest is drafted again', () => {
    const f = facts({ people: group() });
    const before = drafted(f);
    const { movementId, instead } = before.rows.find((r) => r.instead)!;
    const stays = before.rows.map((r) => r.movementId).filter((id) => id !== movementId);
    const swapped = { banned: [movementId], pinned: [instead!.movementId] };
    const after = drafted(f, wish({ ...swapped, stays }));
    expect(after.rows.map((r) => r.movementId).sort()).toEqual([...stays, instead!.movementId].sort());
    expect(after.rows.find((r) => r.movementId === stays[3])!.why).not.toMatch(/pinned/);
    // So many cannot all stay in a class of a quarter of an hour.
    const tight = drafted(f, wish({ ...swapped, stays, lengthMs: 20 * MINUTE }));
    expect(tight.rows.length).toBeLessThan(stays.length);
  });

  test('a wanted task that is not in is told, with why', () => {
    const wanting = (wantedTask: string, over: Partial<ClassFacts> = {}) =>
      drafted(facts({ people: [person({ wantedTask }), ...group()], ...over })).tasksNotIn;
    expect(wanting('sing in the choir')).toEqual([
      'sing in the choir, since no movement here is known to practise it',
    ]);
    expect(wanting('turn a key', { bag: {} })).toEqual([
      expect.stringMatching(
        /^turn a key, since turn a thick key practises it, and there is no thick handle in the bag/,
      ),
    ]);
    expect(wanting('turn a key', { bag: full })).toEqual([]);
  });

  test.each(Array.from({ length: runs(10, 0.1) }, (_, i) => i))(
    'eight weeks one after the other stay full, change by a part, keep what is rising gentle, and come to the top: group %i',
    (n) => {
      const people = n === 0 ? group() : fc.sample(anyGroup, { numRuns: 1, seed: SEED + n })[0]!.people;
      let f: ClassFacts = facts({ people, shown: [], week: 1, bag: full, helpers: 1 });
      let before = drafted(f);
      const known = new Set<string>();
      for (let week = 2; week <= 8; week++) {
        for (const id of movementsOf(before)) known.add(id);
        f = { ...f, shown: [...known], week, baseline: baseline(before.plan), attended: {} };
        const now = drafted(f, wish({ seed: week }));
        const check = checkWithReserve(now.plan, f);
        // No must: G2 among them. G1 and G3 are shoulds.
        expect(mustsOf(now, f)).toEqual([]);
        expect(check.findings.filter((x) => ['G1', 'G3'].includes(x.code)).map((x) => x.text)).toEqual([]);
        expect(now.lengthMs).toBeGreaterThanOrEqual(0.92 * 45 * MINUTE);
        const was = dosesOf(before);
        const is = [...dosesOf(now)];
        const changed = is.filter(
          ([id, dose]) => JSON.stringify(was.get(id)) !== JSON.stringify(dose),
        ).length;
        // The first class teaches eight, so that the second has more to add.
        const [least, most] = week === 2 ? [0.15, 0.75] : [0.1, 0.4];
        expect(changed / is.length).toBeGreaterThanOrEqual(least);
        expect(changed / is.length).toBeLessThanOrEqual(most);
        before = now;
      }
      const atTop = [...dosesOf(before).values()].filter(
        (d) => d.count.mode === 'time' || primaryCount(d.count) >= d.most,
      );
      expect(atTop.length).toBeGreaterThanOrEqual(dosesOf(before).size / 3);
    },
    600_000,
  );

  test('it says what held it back: three props when three are out, the time when it is full', () => {
    const bare = drafted(facts({ people: group() }), wish({ withoutProps: true }));
    expect(bare.limits.join()).not.toContain('props');
    const short = drafted(facts({ people: group() }), wish({ lengthMs: 20 * MINUTE }));
    expect(short.limits.length).toBeGreaterThan(0);
    const last = planWith({ move: ['wrist-bend'], grip: [['ball-squeeze', { sets: 1 }]] });
    expect(
      drafted(facts({ people: group(), baseline: baseline(last) }), wish(), solve).limits.join(),
    ).toContain('rises gently');
    expect(bare.limits.join()).not.toContain('rises gently');
  });
});

describe('everyday tasks', () => {
  test('every movement of the table is in the catalogue, and its words are whole small words', () => {
    for (const { words, movementIds } of TASKS) {
      for (const id of movementIds) expect(CATALOGUE.movement(id)).toBeDefined();
      for (const word of words) expect(word).toMatch(/^[a-z]+$/);
    }
  });

  test.each([
    ['turn a key', ['turn-key']],
    ['Open a seed TUB', ['tub-lid', 'jar-open']],
    ['shake hands flat', []],
    ['', []],
  ])('%j is practised by %j', (wantedTask, movementIds) => {
    const tasks = wantedTasksOf([person({ wantedTask })], TASKS);
    expect(tasks.flatMap((t) => t.movementIds)).toEqual(movementIds);
  });
});

const isFrame = (id: string) =>
  [
    'stroke-arms',
    'quiet-breath',
    'look-again',
    'look-at-hands',
    'warm-palms',
    'wrist-shake',
    'backs-together',
  ].includes(id);

/** Groups as they come: conditions from the whole table, kit at random. */
const anyPerson: fc.Arbitrary<Person> = fc
  .array(
    fc.record({
      conditionId: fc.constantFrom(...RECORDED.map((c) => c.id)),
      side: fc.constantFrom('L', 'R', 'both'),
      state: fc.constantFrom(...CONDITION_STATES),
    }),
    { maxLength: 2 },
  )
  .chain((conditions) =>
    fc
      .record({ assistance: fc.constantFrom(0, 0, 0, 1), screened: fc.constantFrom(true, true, true, false) })
      .map((rest) =>
        person({
          ...rest,
          conditions: conditions.map((c) => ({
            ...c,
            side: CAUTIONS.conditions.find((x) => x.id === c.conditionId)!.sided ? c.side : 'none',
            since: '2026-10-01',
            spots: [],
          })) as Person['conditions'],
        }),
      ),
  );
const anyGroup = fc.record({
  people: fc.array(anyPerson, { minLength: 6, maxLength: 20 }),
  minutes: fc.integer({ min: 20, max: 60 }),
  bag: fc.record(Object.fromEntries(PROPS.map((p) => [p.id, fc.constantFrom(0, 0, 12, 30)]))),
  helpers: fc.integer({ min: 0, max: 2 }),
});

/** Of all movements, the share that this person has something to do in, less a little for how few a class takes of them. */
const openShare = (p: Person, f: ClassFacts): number => {
  const context = { table: CAUTIONS, catalogue: f.catalogue, today: f.day };
  const open = MOVEMENTS.filter((m) => !isLeftOut(verdictFor(p, m, m.dose, context)));
  return open.length / MOVEMENTS.length - 0.1;
};

test('over many generated groups: no must, no should that a mend takes away, a full slot, and everybody who can has something to do in three quarters of the rows', () => {
  const failures: string[] = [];
  for (const [i, g] of fc.sample(anyGroup, { numRuns: runs(200, 0.03), seed: SEED }).entries()) {
    const isFirst = i % 4 === 0;
    const shown = isFirst ? [] : MOVEMENTS.map((m) => m.id);
    const lengthMs = g.minutes * MINUTE;
    const f = facts({ ...g, shown, week: isFirst ? 1 : 4, slotMs: lengthMs });
    const of = `${i}: ${g.people.length} people, ${g.minutes} min: `;
    const result = draftClass(given(f), wish({ lengthMs, seed: i }), quick);
    if (!result.ok) {
      failures.push(of + result.message);
      continue;
    }
    const draft = result.value;
    const check = checkWithReserve(draft.plan, f);
    const due = check.findings.filter(
      (x) =>
        x.severity === 'must' ||
        (x.severity === 'should' && x.mend && mendEffect(draft.plan, f, check, x.mend)),
    );
    failures.push(...due.map((x) => `${of}${x.code} ${x.text}`));
    // A long first class has only eight movements to fill it.
    const least = g.minutes < 25 || (isFirst && g.minutes > 50) ? 0.75 : 0.92;
    if (draft.lengthMs < least * lengthMs || draft.lengthMs > lengthMs)
      failures.push(`${of}${Math.round((100 * draft.lengthMs) / lengthMs)} % of the slot`);
    if (isFirst && taughtIn(draft) > 8) failures.push(`${of}${taughtIn(draft)} taught`);
    const most = Math.max(8, (g.minutes / 45) * 18);
    if (dosesOf(draft).size > most) failures.push(`${of}${dosesOf(draft).size} movements`);
    for (const p of g.people) {
      const rows = [...check.verdicts.values()];
      const busy = rows.filter((r) => !isLeftOut(r.get(p.id) ?? null)).length;
      if (busy < rows.length * Math.min(0.75, openShare(p, f)))
        failures.push(`${of}${p.firstName} has ${busy} of ${rows.length} rows`);
    }
  }
  expect(failures).toEqual([]);
}, 3_600_000);
