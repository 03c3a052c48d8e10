import fc from 'fast-check';
import { CAUTIONS } from '@/catalogue/cautions/cautions';
import { CATALOGUE, MOVEMENTS } from '@/catalogue/movements';
import { doseOf, primaryCount, type Dose } from '@/core/dose/dose';
import type { Measure } from '@/core/people/measures';
import type { Person, PersonCondition } from '@/core/people/person';
import { expiringClearances } from '@/core/people/expiring';
import { changesBetween } from '@/core/people/changes';
import { emptyPlan } from '@/core/plan/plan';
import { adaptationOf, adaptedDose, NO_ADAPTATION } from '@/core/screening/adaptation';
import { wristDemand } from '@/core/screening/arc-limits';
import { changedRows } from '@/core/plan/look/changed-rows';
import { asToday, checkInSchema, NOTHING_NEW, type CheckIn } from '@/core/screening/check-in';
import { doseKey } from '@/core/screening/exposure';
import { VERDICTS, verdictFor } from '@/core/screening/verdict';
import { anyDose } from './arbitrary';
import { person } from './people';
import { runs } from '../runs';

const context = { table: CAUTIONS, catalogue: CATALOGUE, today: '2026-11-25' };
const movement = (id: string) => CATALOGUE.movement(id)!;
const judge = (who: Person, id: string) => verdictFor(who, movement(id), movement(id).dose, context);
const on = (
  conditionId: string,
  side: PersonCondition['side'] = 'none',
  state: PersonCondition['state'] = 'settled',
): PersonCondition => ({ conditionId, side, state, since: null, spots: [] });
const measured = (hand: 'L' | 'R', kind: Measure['kind'], value: number, day = '2026-11-01'): Measure => ({
  hand,
  kind,
  value,
  on: day,
});

test('two doses with the same word are judged alike, whatever else differs in them', () => {
  const anyOne = fc.record({
    conditionId: fc.constantFrom(...CAUTIONS.conditions.map((c) => c.id)),
    movement: fc.constantFrom(...MOVEMENTS),
    doses: fc.tuple(anyDose, anyDose),
  });
  fc.assert(
    fc.property(anyOne, ({ conditionId, movement: m, doses: [a, b] }) => {
      const sided = CAUTIONS.conditions.find((c) => c.id === conditionId)!.sided;
      const who = person({ conditions: [on(conditionId, sided ? 'R' : 'none', 'sore')], assistance: 3 });
      if (doseKey(a) === doseKey(b))
        expect(verdictFor(who, m, a, context)).toEqual(verdictFor(who, m, b, context));
    }),
    { numRuns: runs(1_200, 0.1) },
  );
});

describe('every row of the caution table has its say', () => {
  test.each<[string, PersonCondition, string, string]>([
    ['a fall with pain rests the arm, even from stretching', on('fall', 'R'), 'wrist-bend', 'leaveOut'],
    ['a low head is kept from eye pressure', on('eye-pressure'), 'chair-seat-lean', 'swap'],
    ['a low head is kept from high blood pressure', on('blood-pressure'), 'chair-seat-lean', 'swap'],
    ['isometrics keep the breath going with eye pressure', on('eye-pressure'), 'palms-press', 'adapt'],
    ['a past spine fracture keeps the trunk tall', on('spine-fracture'), 'seated-twist', 'swap'],
    ['and does not reach low', on('spine-fracture'), 'shelf-reach', 'adapt'],
    ['thin bones do not reach low either', on('osteoporosis'), 'shelf-reach', 'adapt'],
    ['balance trouble does not stand', on('balance'), 'wall-lean', 'swap'],
    ['balance trouble turns only the eyes', on('balance'), 'head-turns', 'adapt'],
    ['a sore neck turns only the eyes', on('shoulder'), 'head-turns', 'adapt'],
    ['a repaired joint is not stretched by hand', on('joint-repair', 'R'), 'wrist-stretch-palm', 'swap'],
    ['a repaired joint meets no resistance', on('joint-repair', 'R'), 'ring-squeeze', 'swap'],
    ['a swollen arm has no tight loops', on('swollen-arm', 'R'), 'loop-spread', 'swap'],
    ['a swollen arm works lightly', on('swollen-arm', 'R'), 'ball-squeeze', 'adapt'],
    ['reduced feeling takes no clip', on('reduced-feeling', 'R'), 'web-clip', 'swap'],
    ['fragile skin takes no clip', on('fragile-skin'), 'web-clip', 'swap'],
    ['a fixed ring is not tapped on', on('fixed-ring', 'R'), 'tap-backs', 'swap'],
    ['a fixed ring keeps the palms flat', on('fixed-ring', 'R'), 'clasped-circles', 'adapt'],
    ['inflamed joints take no knuckle taps', on('inflammatory', 'R'), 'tap-knuckles', 'swap'],
    ['nor a forced sideways push', on('inflammatory', 'R'), 'wrist-side-hold', 'swap'],
    ['thumb-base arthritis takes no side pinch', on('thumb-base', 'R'), 'peg-side-pinch', 'swap'],
    ['thumb-base arthritis does not force the thumb out', on('thumb-base', 'R'), 'strap-thumb-each', 'swap'],
    ['a weak side is not loaded standing', on('one-sided-weakness', 'R'), 'wall-lean', 'swap'],
    ['a weak side leans at the table with help', on('one-sided-weakness', 'R'), 'table-lean', 'adapt'],
    ['a sore shoulder does not reach high', on('shoulder'), 'shelf-reach', 'swap'],
    ['inflamed fingers are drawn back with care', on('inflammatory', 'R'), 'each-finger-back', 'adapt'],
    ['cold fingers warm the tin first', on('cold-fingers'), 'tin-lift', 'adapt'],
    ['poor hearing sees the fingers', on('poor-hearing'), 'finger-taps', 'adapt'],
    ['a stiff morning warms up longer', on('stiff-today'), 'wrist-bend', 'adapt'],
  ])('%s', (_, condition, id, kind) => {
    const who = person({ conditions: [condition] });
    const verdict = judge(who, id);
    expect([id, verdict.R.kind]).toEqual([id, kind]);
    expect(verdict.R.reasons.length).toBeGreaterThan(0);
  });

  test('impact and the floor are out for everybody who is not cleared', () => {
    for (const id of ['drops-table', 'all-fours']) {
      const off = judge(person({ positions: ['chair', 'table', 'standing', 'floor'] }), id);
      expect(['swap', 'leaveOut']).toContain(off.worst);
      const clearances = [
        {
          scope: id === 'all-fours' ? ('floor' as const) : ('impact' as const),
          by: 'Dr A',
          on: '2026-11-01',
          until: null,
          what: '',
        },
      ];
      const on_ = judge(person({ clearances, positions: ['chair', 'table', 'standing', 'floor'] }), id);
      expect(on_.worst).toBe('do');
    }
  });
});

describe('what a caution asks', () => {
  test('sore today: half the count, effort two at most, the easier rung', () => {
    const who = person({ conditions: [on('hand-oa', 'R', 'sore')] });
    expect(judge(who, 'ball-squeeze').R.adaptation).toMatchObject({
      countShare: 0.5,
      effortMost: 2,
      rung: 'easier',
    });
    expect(judge(who, 'ball-squeeze').L.adaptation).toEqual(NO_ADAPTATION);
  });

  test('the tighter of two limits holds', () => {
    const both = adaptationOf([
      { effortMost: 5, countShare: 0.5, rung: 'easier' },
      { effortMost: 3, holdMostMs: 10_000, rung: 'gentlest', support: 'table' },
      { support: 'table', prop: 'none' },
    ]);
    expect(both).toEqual({
      sets: null,
      rung: 'gentlest',
      effortMost: 3,
      holdMostMs: 10_000,
      countShare: 0.5,
      support: ['table'],
      props: ['none'],
      halfRange: false,
      ownRange: false,
      arcs: [],
    });
  });

  test('an adapted dose is never more than the planned one', () => {
    const shares = fc.constantFrom(0.25, 0.5, 0.75, 1);
    fc.assert(
      fc.property(
        fc.constantFrom(...MOVEMENTS),
        shares,
        fc.option(fc.integer({ min: 1_000, max: 9_000 })),
        (m, countShare, holdMostMs) => {
          const dose = adaptedDose(m.dose, { ...NO_ADAPTATION, countShare, holdMostMs });
          expect(primaryCount(dose.count)).toBeLessThanOrEqual(primaryCount(m.dose.count));
          expect(primaryCount(dose.count)).toBeGreaterThanOrEqual(1);
          if (dose.count.mode === 'hold' && m.dose.count.mode === 'hold' && holdMostMs !== null)
            expect(dose.count.holdMs).toBeLessThanOrEqual(holdMostMs);
        },
      ),
    );
    const ten = doseOf({ mode: 'reps', reps: 10, tempoMs: 2_000 }, { sets: 2 });
    expect(adaptedDose(ten, { ...NO_ADAPTATION, countShare: 0.5 })).toMatchObject({
      count: { reps: 5 },
      sets: 1,
    });
    expect(adaptedDose(ten, NO_ADAPTATION)).toEqual(ten);
  });

  test('level 3 is held three seconds at most, by an open palm', () => {
    const { adaptation } = judge(person({ assistance: 3 }), 'wrist-bend').R;
    expect(adaptation.holdMostMs).toBe(3_000);
    expect(adaptation.support).toEqual(['broad padded open palm, never gripping fingers']);
    expect(judge(person({ assistance: 2 }), 'wrist-bend').R.how).toEqual([
      'helper places the hand',
      'broad padded open palm, never gripping fingers',
    ]);
  });
});

describe('measured range', () => {
  test('a movement asks what its poses reach', () => {
    expect(wristDemand(CATALOGUE.figure('wrist-bend')!)).toEqual({
      flexion: 52,
      extension: 48,
      radial: 0,
      ulnar: 0,
    });
  });

  test('a wrist that goes less far is drawn in to its own limit; the other hand is not', () => {
    const who = person({ measures: [measured('R', 'extension', 30), measured('R', 'flexion', 70)] });
    const v = judge(who, 'wrist-bend');
    expect([v.L.kind, v.R.kind]).toEqual(['do', 'adapt']);
    expect(v.R.adaptation.arcs).toEqual([{ direction: 'extension', toDeg: 30, askedDeg: 48 }]);
    expect(v.R.how).toEqual(['bend back to 30 degrees, not 48']);
  });

  test('the newest measure counts', () => {
    const measures = [
      measured('R', 'extension', 30, '2026-09-01'),
      measured('R', 'extension', 60, '2026-11-20'),
    ];
    expect(judge(person({ measures }), 'wrist-bend').R.kind).toBe('do');
    expect(judge(person({ measures: [...measures].reverse() }), 'wrist-bend').R.kind).toBe('do');
  });
});

test('a prop they do not use is left away, a place they are not comfortable in is not asked of them', () => {
  const noBall = judge(person({ propsOut: ['foam-ball'] }), 'ball-squeeze');
  expect(noBall.worst).toBe('adapt');
  expect(noBall.R.how[0]).toBe('with no prop: close to a plain soft fist');
  const seated = person({ positions: ['chair', 'table'] });
  expect(judge(seated, 'wall-lean').R).toMatchObject({ kind: 'swap', reasons: ['not comfortable standing'] });
  expect(judge(person({ positions: ['chair'] }), 'single-finger-lifts').worst).toBe('do');
});

test('what is asked is said in the movement’s own words', () => {
  const { how } = judge(person({ conditions: [on('osteoporosis')] }), 'table-lean').R;
  expect(how).toEqual(['one rung at a time', 'lowest rung: only the weight of the arms']);
  expect(judge(person({ screened: false }), 'ball-squeeze').R.how).toEqual(['lowest rung: half a squeeze']);
});

test('a swap says why it is near', () => {
  const v = judge(person({ conditions: [on('thumb-base', 'R')] }), 'cloth-wring').R;
  expect(v.swapWhy).toMatch(/^same purpose, moves the .* too/);
  expect(judge(person(), 'cloth-wring').R.swapWhy).toBe('');
});

describe('at the door', () => {
  const today = (part: Partial<CheckIn>, who = person()) => asToday(who, { ...NOTHING_NEW, ...part });

  test('pain up to two changes nothing, to five is sore, above five is as in flare', () => {
    const kind = (painRight: number) => judge(today({ painRight }), 'ball-squeeze').R;
    expect(kind(2).kind).toBe('do');
    expect(kind(3)).toMatchObject({
      kind: 'adapt',
      how: ['half the count', 'effort 2 of 10 at most', 'easier: thumb off the ball'],
    });
    expect(kind(5).kind).toBe('adapt');
    expect(kind(6).kind).toBe('swap');
    expect(judge(today({ painRight: 9 }), 'ball-squeeze').L.kind).toBe('do');
  });

  test('a fall rests that arm, something new makes resisted work wait, stiffness warms longer', () => {
    expect(judge(today({ fellHand: 'L' }), 'wrist-bend').L.kind).toBe('leaveOut');
    expect(judge(today({ fellHand: 'L' }), 'wrist-bend').R.kind).toBe('do');
    expect(judge(today({ anythingNew: true }), 'ball-squeeze').R.reasons).toContain(
      'something new today: not looked into yet',
    );
    expect(judge(today({ hotHand: 'R' }), 'ball-squeeze').R.kind).toBe('swap');
    expect(judge(today({ hotHand: 'R' }), 'ball-squeeze').L.kind).toBe('do');
    expect(judge(today({ numbHand: 'L' }), 'tap-little-edges').L.kind).toBe('swap');
    expect(judge(today({ unwell: true }), 'ball-squeeze').worst).toBe('swap');
    expect(judge(today({ unwell: true }), 'wrist-bend').worst).toBe('do');
    expect(judge(today({ stiffnessMin: 60 }), 'wrist-bend').R.how).toEqual(['smaller at first']);
    expect(judge(today({ stiffnessMin: 30 }), 'wrist-bend').R.kind).toBe('do');
  });

  test('nothing said leaves the person as recorded', () => {
    const who = person();
    expect(asToday(who, undefined)).toBe(who);
    expect(today({}, who)).toEqual(who);
  });

  test('no check-in makes anything easier to allow', () => {
    const rank = (k: (typeof VERDICTS)[number]) =>
      k === 'swap' || k === 'leaveOut' ? 2 : VERDICTS.indexOf(k);
    const pain = fc.option(fc.integer({ min: 0, max: 10 }));
    const checkIns = fc.record({
      painLeft: pain,
      painRight: pain,
      stiffnessMin: fc.option(fc.constantFrom(0, 30, 60)),
      anythingNew: fc.boolean(),
      fellHand: fc.constantFrom('L' as const, 'R' as const, 'both' as const, null),
      hotHand: fc.constantFrom('L' as const, 'R' as const, null),
      numbHand: fc.constantFrom('L' as const, 'both' as const, null),
      unwell: fc.boolean(),
      notHere: fc.boolean(),
      words: fc.constant(''),
    });
    fc.assert(
      fc.property(checkIns, fc.constantFrom(...MOVEMENTS), (checkIn, m) => {
        const who = person({ conditions: [on('hand-oa', 'R')] });
        const [before, after] = [who, asToday(who, checkIn)].map((p) => verdictFor(p, m, m.dose, context));
        for (const hand of ['L', 'R'] as const)
          expect(rank(after![hand].kind)).toBeGreaterThanOrEqual(rank(before![hand].kind));
      }),
      { numRuns: runs(600, 0.1) },
    );
  });

  test('what changed in the plan is exactly the rows that are done another way', () => {
    const plan = emptyPlan();
    const rows = ['ball-squeeze', 'look-at-hands', 'five-shapes'].map((id) => ({
      kind: 'movement' as const,
      id,
      movementId: id,
      dose: movement(id).dose,
      note: '',
    }));
    const full = { ...plan, sections: plan.sections.map((s, i) => (i === 0 ? { ...s, rows } : s)) };
    const who = person();
    const changed = changedRows(full, who, today({ painRight: 7 }, who), context);
    expect(changed.map((c) => c.rowId)).toEqual(['ball-squeeze', 'five-shapes']);
    expect(changed[0]!.after.R.kind).toBe('swap');
    expect(changedRows(full, who, who, context)).toEqual([]);
  });

  test('absurd answers are refused', () => {
    expect(checkInSchema.safeParse({ ...NOTHING_NEW, painLeft: 11 }).success).toBe(false);
    expect(checkInSchema.safeParse({ ...NOTHING_NEW, stiffnessMin: -1 }).success).toBe(false);
    expect(checkInSchema.safeParse(NOTHING_NEW).success).toBe(true);
  });
});

test('clearances that end soon, soonest first; one that is followed by another is not told', () => {
  const clearance = (scope: 'hand' | 'seated loading', until: string | null) => ({
    scope,
    by: 'Dr A',
    on: '2026-10-01',
    until,
    what: '',
  });
  const people = [
    person({ firstName: 'Late', clearances: [clearance('seated loading', '2026-12-10')] }),
    person({ firstName: 'Soon', clearances: [clearance('hand', '2026-11-25')] }),
    person({ firstName: 'Gone', clearances: [clearance('hand', '2026-11-24')] }),
    person({ firstName: 'Open', clearances: [clearance('hand', null)] }),
    person({ firstName: 'Renewed', clearances: [clearance('hand', '2026-12-01'), clearance('hand', null)] }),
  ];
  const found = expiringClearances(people, '2026-11-25', '2026-12-16');
  expect(found.map((e) => e.person.firstName)).toEqual(['Soon', 'Late']);
});

test('changes of a record in sentences', () => {
  const before = person({ conditions: [on('hand-oa', 'R')], assistance: 0, positions: ['chair'] });
  const after = {
    ...before,
    conditions: [on('hand-oa', 'R', 'flare'), on('latex')],
    assistance: 2,
    positions: ['chair' as const, 'table' as const],
    measures: [measured('L', 'grip', 18)],
    screened: false,
  };
  const names = { condition: (id: string) => id, prop: (id: string) => id };
  expect(changesBetween(before, after, names)).toEqual([
    'Screening questions open again',
    'Help needed: 2, before 0',
    'hand-oa, right: now flare, before settled',
    'latex: recorded, settled',
    'Comfortable: chair, table',
    'Measured grip, left: 18 kg',
  ]);
  expect(changesBetween(before, before, names)).toEqual([]);
});

test('a longest hold is said however the time is counted, and not of what is not held', () => {
  const helped = person({ assistance: 3 });
  const how = (id: string, count: Dose['count']) => {
    const m = CATALOGUE.movement(id)!;
    return verdictFor(helped, m, { ...m.dose, count }, { ...context, breathMs: 6_000 }).L.how.join('; ');
  };
  const held = { mode: 'hold', holds: 1, holdMs: 20_000, relaxMs: 0 } as const;
  const timed = { mode: 'time', timeMs: 20_000 } as const;
  expect(how('web-stretch', held)).toContain('holds of 3 s at most');
  for (const count of [timed, { mode: 'breaths', breaths: 3 } as const])
    expect(how('web-stretch', count)).toContain('3 s at a time, then a pause');
  expect(how('palms-turn', timed)).not.toContain('at a time');
});
