import { CAUTIONS } from '@/catalogue/cautions/cautions';
import { CATALOGUE } from '@/catalogue/movements';
import { dice } from '@/core/dice';
import { addDays } from '@/core/days';
import { primaryCount } from '@/core/dose/dose';
import { rungOf } from '@/core/plan/at-rung';
import { movementRows } from '@/core/plan/plan';
import { playOnce } from '@/core/term/play/play';
import { playTerm } from '@/core/term/play/played';
import type { PlayFacts, PlayOptions } from '@/core/term/play/options';
import { passTime, respond, startOf } from '@/core/term/play/response';
import { inSchool, rungAndDoseAfter } from '@/core/term/play/steps';
import { usualWeeks } from '@/core/term/term';
import { person } from '../people';
import { planWith } from '../plans';

const plan = planWith({ move: ['wrist-bend', 'open-close'], grip: ['ball-squeeze', 'alternate-fists'] });
const people = Array.from({ length: 6 }, (_, i) =>
  person({
    conditions:
      i === 0 ? [{ conditionId: 'hand-oa', side: 'both', state: 'settled', since: null, spots: [] }] : [],
  }),
);
const facts: PlayFacts = {
  catalogue: CATALOGUE,
  cautions: CAUTIONS,
  people,
  weeks: usualWeeks(8),
  classes: Array.from({ length: 8 }, (_, i) => ({ week: i + 1, day: addDays('2026-11-11', 7 * i), plan })),
  slotMs: 45 * 60_000,
  helpers: 1,
};
const options: PlayOptions = { progression: 'as planned', school: null, attendance: 0.85, seed: 3, plays: 4 };

test('the same facts, options and seed play the same; another seed does not', () => {
  expect(playTerm(facts, options)).toEqual(playTerm(facts, options));
  expect(playTerm(facts, { ...options, seed: 4 }).classes).not.toEqual(playTerm(facts, options).classes);
});

test('it says how far it is', () => {
  const told: number[] = [];
  expect(playTerm(facts, options, (done) => told.push(done)).plays).toBe(4);
  expect(told).toEqual([1, 2, 3, 4]);
});

test('everybody comes when nobody misses, and nobody when everybody does', () => {
  const all = playTerm(facts, { ...options, attendance: 1 });
  expect(all.classes.every((c) => c.came.low === 6 && c.came.high === 6)).toBe(true);
  const none = playTerm(facts, { ...options, attendance: 0 });
  expect(none.classes.every((c) => [c.came, c.effort, c.sore].every((q) => q.high === 0))).toBe(true);
});

test('plans that are kept to are the plans that are played, and break what they break', () => {
  const { classes } = playOnce(facts, options, 1);
  expect(classes.map((c) => c.plan)).toEqual(facts.classes.map((c) => c.plan));
  const steep = { ...facts, classes: facts.classes.map((c, i) => (i < 4 ? c : { ...c, plan: doubled })) };
  const played = playTerm(steep, options);
  expect(played.classes[4]!.breaches).toContainEqual(expect.objectContaining({ code: 'G2', share: 1 }));
  expect(played.classes[3]!.breaches.filter((b) => b.code === 'G2')).toEqual([]);
});
const doubled = planWith({
  move: ['wrist-bend', 'open-close'],
  grip: [
    ['ball-squeeze', { sets: 3 }],
    ['alternate-fists', { sets: 3 }],
  ],
});

test('by the rules the class starts where it is planned, grows a count at a time and never leaves a ladder', () => {
  const { classes } = playOnce(facts, { ...options, progression: 'as the rules propose', attendance: 1 }, 5);
  expect(classes[0]!.plan).toEqual(plan);
  for (const [i, { plan: now }] of classes.entries())
    for (const row of movementRows(now)) {
      const movement = CATALOGUE.movement(row.movementId)!;
      const before = i === 0 ? null : movementRows(classes[i - 1]!.plan).find((r) => r.id === row.id)!;
      expect(rungOf(movement, row.rung)).toBeLessThan(movement.rungs.length);
      if (!before) continue;
      expect(rungOf(movement, row.rung) - rungOf(movement, before.rung)).toBeLessThanOrEqual(1);
      if (rungOf(movement, row.rung) === rungOf(movement, before.rung) && !facts.weeks[i - 1]!.lighter)
        expect(primaryCount(row.dose.count) - primaryCount(before.dose.count)).toBeLessThanOrEqual(1);
    }
});

test('a person who never comes falls behind nobody while the class stays, and steps back once away', () => {
  const { steppedBack } = playOnce(facts, { ...options, attendance: 0 }, 1);
  expect([...steppedBack.values()].every((n) => n <= 2)).toBe(true);
});

test('someone who misses much ends behind more often than someone who comes', () => {
  const rare = playTerm(facts, {
    ...options,
    progression: 'as the rules propose',
    attendance: 0.45,
    plays: 12,
  });
  const often = playTerm(facts, {
    ...options,
    progression: 'as the rules propose',
    attendance: 1,
    plays: 12,
  });
  const share = (played: typeof rare) =>
    played.people.flatMap((p) => p.behind).reduce((n, b) => n + b.share, 0);
  expect(share(rare)).toBeGreaterThan(share(often));
});

const fresh = () => ({ ease: 0, usedTo: 20, flare: 0, wasInFlare: false });

test('a class of six times the sets is felt harder and leaves more people sore, and less so with the weeks', () => {
  const planned = (sets: number): PlayFacts => {
    const all = planWith({
      move: ['wrist-bend', 'palms-turn', 'open-close', 'thumb-to-tips'].map((id) => [id, { sets }] as const),
      grip: ['ball-squeeze', 'ring-squeeze', 'alternate-fists', 'cloth-wring'].map(
        (id) => [id, { sets }] as const,
      ),
    });
    return { ...facts, classes: facts.classes.map((c) => ({ ...c, plan: all })) };
  };
  const often = { ...options, attendance: 1, plays: 24 };
  const [light, hard] = [playTerm(planned(1), often), playTerm(planned(6), often)];
  const sum = (played: typeof light, pick: 'sore' | 'effort') =>
    played.classes.reduce((n, c) => n + c[pick].middle, 0);
  expect(sum(hard, 'sore')).toBeGreaterThan(2 * sum(light, 'sore'));
  expect(sum(hard, 'effort')).toBeGreaterThan(sum(light, 'effort') + 2);
  expect(hard.classes.at(-1)!.effort.middle).toBeLessThan(hard.classes[0]!.effort.middle);
});

test('people who are alike are hardly ever named, whatever the seed; one in a flare as the term begins is', () => {
  const alike = { ...facts, people: Array.from({ length: 12 }, () => person()) };
  const byRules = { ...options, progression: 'as the rules propose', attendance: 0.65, plays: 30 } as const;
  const named = [1, 2, 3].map(
    (seed) => playTerm(alike, { ...byRules, seed }).people.filter((p) => p.isApart).length,
  );
  expect(named.reduce((a, b) => a + b)).toBeLessThanOrEqual(1);
  const tender = person({
    conditions: [{ conditionId: 'inflammatory', side: 'both', state: 'flare', since: null, spots: [] }],
  });
  const mixed = { ...alike, people: [...alike.people, tender] };
  const [first] = playTerm(mixed, { ...byRules, attendance: 0.9, plays: 30 }).people;
  expect([first!.personId, first!.isApart]).toEqual([tender.id, true]);
});

test('a share is apart only by more than chance, and quartiles lie in order', () => {
  const { classes } = playTerm(facts, { ...options, plays: 20 });
  for (const c of classes)
    for (const q of [c.came, c.effort, c.sore, c.movedOn, c.steppedBack])
      expect([q.low, q.middle, q.high]).toEqual([q.low, q.middle, q.high].sort((a, b) => a - b));
});

test('more effort over the target hurts more often, and a class leaves people fitter', () => {
  const sore = (asked: number) => {
    const roll = dice(9);
    return Array.from({ length: 800 }, () => respond(fresh(), { effort: asked, work: 20 }, 4, roll)).filter(
      (r) => r.painRise >= 2,
    ).length;
  };
  expect(sore(9)).toBeGreaterThan(2 * sore(3));
  const condition = startOf(people[1]!, '2026-09-01', dice(1));
  const before = { ...condition };
  respond(condition, { effort: 3, work: 60 }, 4, dice(2));
  expect(condition.ease).toBeGreaterThan(before.ease);
  expect(condition.usedTo).toBeGreaterThan(before.usedTo);
});

test('a flare lasts two classes and is over then', () => {
  const condition = { ...fresh(), flare: 2 };
  const quiet = () => 0.99;
  const seen = [1, 2, 3].map(() => {
    passTime(condition, people[0]!, quiet);
    return [condition.flare, condition.wasInFlare];
  });
  expect(seen).toEqual([
    [1, true],
    [0, true],
    [0, false],
  ]);
});

test('a school counts what it counts and leaves the rest', () => {
  const clinical = inSchool(plan, 'clinical', CATALOGUE);
  const ball = movementRows(clinical).find((r) => r.movementId === 'ball-squeeze')!;
  expect(primaryCount(ball.dose.count)).toBe(8);
  expect(inSchool(plan, null, CATALOGUE)).toBe(plan);
});

test('a row moves up with its usual count, or stays with one more, up to the most', () => {
  const row = movementRows(plan).find((r) => r.movementId === 'ball-squeeze')!;
  const top = { ...row, rung: 0, dose: { ...row.dose, most: primaryCount(row.dose.count) } };
  expect(rungAndDoseAfter(top, true, row.dose, CATALOGUE)).toEqual({ rung: 1, dose: row.dose });
  expect(primaryCount(rungAndDoseAfter(top, false, row.dose, CATALOGUE)!.dose.count)).toBe(top.dose.most);
  const grown = rungAndDoseAfter(row, false, row.dose, CATALOGUE)!;
  expect(primaryCount(grown.dose.count)).toBe(Math.min(row.dose.most, primaryCount(row.dose.count) + 1));
});

test('a clearance that runs out in the term counts for its days only', () => {
  const cleared = person({
    conditions: [{ conditionId: 'hand-surgery', side: 'both', state: 'not cleared', since: null, spots: [] }],
    clearances: [
      { scope: 'resisted', side: 'both', by: 'Dr A', on: '2026-10-01', until: '2026-12-01', what: '' },
    ],
  });
  const { classes } = playOnce({ ...facts, people: [cleared] }, { ...options, attendance: 1 }, 2);
  const efforts = classes.map((c) => c.effort);
  const alone = playOnce(
    { ...facts, people: [{ ...cleared, clearances: [] }] },
    { ...options, attendance: 1 },
    2,
  );
  expect(efforts.slice(0, 3)).not.toEqual(alone.classes.slice(0, 3).map((c) => c.effort));
  expect(efforts.slice(3)).toEqual(alone.classes.slice(3).map((c) => c.effort));
});
