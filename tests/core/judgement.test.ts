import { addDays } from '@/core/days';
import fc from 'fast-check';
import { CAUTIONS } from '@/catalogue/cautions/cautions';
import { CATALOGUE, MOVEMENTS } from '@/catalogue/movements';
import { propsOf } from '@/core/catalogue';
import type { Dose } from '@/core/dose';
import {
  CLEARANCE_SCOPES,
  clearanceDoubt,
  type Clearance,
  type ClearanceScope,
} from '@/core/people/clearance';
import { CONDITION_STATES, type Person, type PersonCondition } from '@/core/people/person';
import { judgeHands } from '@/core/screening/judge-hands';
import { VERDICTS, verdictFor, type VerdictKind } from '@/core/screening/verdict';
import { asToday, NOTHING_NEW, type CheckIn } from '@/core/screening/check-in';
import type { RowMovement } from '@/core/stance/load-setting';
import { anyDose, anyPress } from './arbitrary';
import { person } from './people';
import { runs } from '../runs';

const context = { table: CAUTIONS, catalogue: CATALOGUE, today: '2026-11-25' };
const rank = (kind: VerdictKind) => VERDICTS.indexOf(kind);
const HANDS = ['L', 'R'] as const;
const isSided = (id: string) => CAUTIONS.conditions.find((c) => c.id === id)!.sided;

/** A condition of the right hand, or of the whole person. */
const having = (conditionId: string, state: PersonCondition['state']): PersonCondition => ({
  conditionId,
  side: isSided(conditionId) ? 'R' : 'none',
  state,
  since: null,
  spots: [],
});

const anyCondition: fc.Arbitrary<PersonCondition> = fc
  .record({
    conditionId: fc.constantFrom(...CAUTIONS.conditions.map((c) => c.id)),
    side: fc.constantFrom('L' as const, 'R' as const, 'both' as const),
    state: fc.constantFrom(...CONDITION_STATES),
    since: fc.constant(null),
    spots: fc.constant([]),
  })
  .map((c) => (isSided(c.conditionId) ? c : { ...c, side: 'none' as const }));
const anyFacts = fc.record({
  conditions: fc.array(anyCondition, { maxLength: 3 }),
  screened: fc.boolean(),
  assistance: fc.integer({ min: 0, max: 3 }),
  measures: fc.array(
    fc.record({
      hand: fc.constantFrom('L' as const, 'R' as const),
      kind: fc.constantFrom('flexion' as const, 'extension' as const, 'ulnar' as const),
      value: fc.integer({ min: 10, max: 70 }),
      on: fc.constant('2026-11-02'),
    }),
    { maxLength: 3 },
  ),
  clearances: fc.array(
    fc.record({
      scope: fc.constantFrom(...CLEARANCE_SCOPES),
      side: fc.constantFrom('L' as const, 'R' as const, 'both' as const, null),
      by: fc.constant('Dr Anholt'),
      on: fc.constant('2026-11-01'),
      until: fc.constantFrom(null, '2027-01-31'),
      what: fc.constantFrom('', 'as it feels right'),
    }),
    { maxLength: 2 },
  ),
});
const anyRow = fc
  .record({
    movement: fc.constantFrom(...MOVEMENTS),
    dose: anyDose,
    rung: fc.nat({ max: 5 }),
    press: fc.option(anyPress, { nil: undefined }),
  })
  .map(({ movement: m, dose, rung, press }) => ({
    movement: { ...m, standsOn: rung % m.rungs.length, ...(m.loadSetUp && press ? { press } : {}) },
    dose,
  }));

const score = fc.option(fc.integer({ min: 0, max: 10 }), { nil: null });
const anyHand = fc.constantFrom('L' as const, 'R' as const, 'both' as const, null);
const anyAnswer: fc.Arbitrary<CheckIn> = fc
  .record({
    painLeft: score,
    painRight: score,
    stiffnessMin: fc.constantFrom(null, 0, 60),
    anythingNew: fc.boolean(),
    fellHand: anyHand,
    hotHand: anyHand,
    numbHand: anyHand,
    unwell: fc.boolean(),
  })
  .map((a) => ({ ...NOTHING_NEW, ...a }));

/** What a row was kept from before any swap: done, done another way, kept from. */
type Row = { readonly movement: RowMovement; readonly dose: Dose };
const openness = (who: Person, row: Row) => judgeHands(who, row.movement, row.dose, context);
const order = ['do', 'adapt', 'leaveOut'] as const;

test('adding any fact never makes a verdict milder, however it is counted and on whatever rung', () => {
  const anyWorse = fc.oneof(
    anyCondition.map((c) => (p: Person): Person => ({ ...p, conditions: [...p.conditions, c] })),
    fc.constant((p: Person): Person => ({ ...p, screened: false })),
    fc.constant((p: Person): Person => ({ ...p, assistance: 3 })),
    fc.constant((p: Person): Person => ({ ...p, clearances: [] })),
    anyAnswer.map(
      (a) =>
        (p: Person): Person =>
          asToday(p, a),
    ),
    // A flare that has just settled, of something that is on record already.
    fc.constant((p: Person): Person => ({
      ...p,
      conditions: p.conditions.map((c) => ({ ...c, settledOn: context.today })),
    })),
    fc.constant((p: Person): Person => ({ ...p, positions: ['chair'] })),
    fc.constant((p: Person): Person => ({
      ...p,
      conditions: p.conditions.map((c): PersonCondition => ({ ...c, state: worse(c.state) })),
    })),
  );
  fc.assert(
    fc.property(anyFacts, anyRow, anyWorse, (given, row, worsened) => {
      const before = person(given);
      const [was, is] = [openness(before, row), openness(worsened(before), row)];
      for (const hand of HANDS)
        expect(order.indexOf(is[hand].kind)).toBeGreaterThanOrEqual(order.indexOf(was[hand].kind));
    }),
    { numRuns: runs(50_000, 0.06) },
  );
});

/** Sore may be worse than settled in its own way; in flare and not cleared are never milder than either. */
const worse = (state: PersonCondition['state']): PersonCondition['state'] =>
  state === 'settled' ? 'flare' : state;

test('in flare and not cleared are never milder than settled, for every condition and movement', () => {
  const milder: string[] = [];
  for (const { id } of CAUTIONS.conditions)
    for (const m of MOVEMENTS) {
      const kind = (state: PersonCondition['state']) => {
        const conditions = [having(id, state)];
        return order.indexOf(judgeHands(person({ conditions }), m, m.dose, context).R.kind);
      };
      for (const state of ['flare', 'not cleared'] as const)
        if (kind(state) < kind('settled')) milder.push(`${id} ${state} ${m.id}`);
    }
  expect(milder).toEqual([]);
});

test('for two days after a flare has settled, a class is as in the flare; after that as settled', () => {
  const otherwise: string[] = [];
  for (const { id } of CAUTIONS.conditions) {
    const someoneWith = (state: PersonCondition['state'], daysAgo?: number) => {
      const settledOn = daysAgo === undefined ? {} : { settledOn: addDays(context.today, -daysAgo) };
      return person({ conditions: [{ ...having(id, state), ...settledOn }] });
    };
    const [flare, settled, uncleared] = [
      someoneWith('flare'),
      someoneWith('settled'),
      someoneWith('not cleared'),
    ];
    const lately = [0, 1, 2].map((days) => someoneWith('settled', days));
    const [longer, unclearedLately] = [someoneWith('settled', 3), someoneWith('not cleared', 0)];
    for (const m of MOVEMENTS) {
      const kind = (someone: Person) => judgeHands(someone, m, m.dose, context).R.kind;
      for (const someone of lately) if (kind(someone) !== kind(flare)) otherwise.push(`${id} ${m.id} lately`);
      if (kind(longer) !== kind(settled)) otherwise.push(`${id} ${m.id} later`);
      if (kind(unclearedLately) !== kind(uncleared)) otherwise.push(`${id} ${m.id} uncleared`);
    }
  }
  expect(otherwise).toEqual([]);
});

test('a hand that must rest is nobody’s partner', () => {
  const twoHanded = MOVEMENTS.filter(
    (m) => m.hands !== 'apart' && m.effort !== 'breath' && m.effort !== 'notice',
  );
  expect(twoHanded.length).toBeGreaterThan(50);
  const partnered: string[] = [];
  for (const m of twoHanded)
    for (const conditionId of ['wrist-fracture', 'hand-surgery', 'fall']) {
      const conditions = [
        { conditionId, side: 'L' as const, state: 'not cleared' as const, since: null, spots: [] },
      ];
      const { L, R } = verdictFor(person({ conditions }), m, m.dose, context);
      const alone = m.oneHanded !== null && R.kind === 'adapt' && R.how.includes(m.oneHanded);
      if (rank(L.kind) < 2) partnered.push(`${m.id} ${conditionId}: left ${L.kind}`);
      if (!alone && rank(R.kind) < 2) partnered.push(`${m.id} ${conditionId}: right ${R.kind}`);
    }
  expect(partnered).toEqual([]);
});

test('what is swapped in is open to that hand, needs nothing handed out and no table fetched, and is said with all it asks', () => {
  fc.assert(
    fc.property(anyFacts, anyRow, (given, { movement, dose }) => {
      const who = person(given);
      const verdict = verdictFor(who, movement, dose, context);
      for (const hand of HANDS) {
        const { swapTo, how, kind } = verdict[hand];
        if (kind !== 'swap') continue;
        const other = CATALOGUE.movement(swapTo!)!;
        const again = verdictFor(who, other, other.dose, context)[hand];
        expect(['do', 'adapt']).toContain(again.kind);
        expect(propsOf(other)).toEqual([]);
        if (other.id !== movement.seatedAlternative)
          expect(other.positions.some((p) => p === 'chair' || movement.positions.includes(p))).toBe(true);
        expect(how.slice(1)).toEqual(again.how);
      }
    }),
    { numRuns: runs(4_000) },
  );
});

test('no work is swapped for looking, listening or breathing, none for blows, and nothing for more effort', () => {
  const wrong: string[] = [];
  for (const { id } of CAUTIONS.conditions)
    for (const state of CONDITION_STATES) {
      const someone = person({ conditions: [having(id, state)] });
      for (const m of MOVEMENTS) {
        const { swapTo } = verdictFor(someone, m, m.dose, context).R;
        if (!swapTo) continue;
        const to = CATALOGUE.movement(swapTo)!;
        const isQuiet = ['notice', 'breath'].includes(to.effort) && to.effort !== m.effort;
        if (isQuiet || to.effort === 'tap' || to.effortOf10 > Math.max(2, m.effortOf10))
          wrong.push(`${id} ${state}: ${m.id} to ${to.id}`);
      }
    }
  expect(wrong).toEqual([]);
});

test('in a flare the swap for hand work is a tendon glide', () => {
  const conditions = [
    { conditionId: 'inflammatory', side: 'R' as const, state: 'flare' as const, since: null, spots: [] },
  ];
  for (const id of ['ball-squeeze', 'loop-spread', 'putty-pinch', 'each-finger-back']) {
    const m = CATALOGUE.movement(id)!;
    const { swapTo, how } = verdictFor(person({ conditions }), m, m.dose, context).R;
    expect(CATALOGUE.movement(swapTo!)!.traits).toContain('tendon glide');
    expect(how.join('; ')).toContain('half the count');
  }
});

/** Pairs of words that exclude each other in one sentence, or that a row must have to be spoken of. */
test('nobody is told what cannot be followed in this row', () => {
  const faults = new Set<string>();
  fc.assert(
    fc.property(anyFacts, anyRow, (given, { movement, dose }) => {
      const verdict = verdictFor(person(given), movement, dose, context);
      for (const hand of HANDS) {
        const { kind, how } = verdict[hand];
        if (kind !== 'adapt') continue;
        const said = how.join('; ');
        const efforts = said.match(/effort \w+ of ten/g) ?? [];
        const say = (fault: string) => faults.add(`${movement.id}: ${fault}: ${said}`);
        if (new Set(efforts).size > 1) say('two efforts');
        if ((said.match(/half the (count|time|hold)/g) ?? []).length > 1) say('two counts');
        if (
          /thumb/.test(said) &&
          !/lowest rung|easier:/.test(said) &&
          !movement.joints.includes('thumb') &&
          !movement.traits.some((t) => t.includes('thumb')) &&
          !movement.oneHanded?.includes('thumb') &&
          !/toward the thumb/.test(said)
        )
          say('no thumb in it');
        const ways = said.match(/bend( back)? to|toward the [a-z ]+ to/g) ?? [];
        if (new Set(ways).size < ways.length) say('two limits of one direction');
        if (/the prop/.test(said) && !movement.propId) say('no prop in it');
        if (/the other hand assists/.test(said) && movement.hands !== 'apart') say('the other hand is busy');
        if (
          /(places the hand|open palm)/.test(said) &&
          movement.joints.every((j) => ['legs', 'neck', 'trunk'].includes(j))
        )
          say('no hand in it');
        if (/forearm supported/.test(said) && movement.joints.includes('shoulder')) say('arms in the air');
      }
    }),
    { numRuns: runs(8_000, 0.5) },
  );
  expect([...faults]).toEqual([]);
});

describe('a clearance', () => {
  const cleared = (scope: ClearanceScope, over: Partial<Clearance> = {}): Clearance => ({
    scope,
    side: 'L',
    by: 'Dr A',
    on: '2026-11-01',
    until: null,
    what: '',
    ...over,
  });
  const uncleared = (side: 'L' | 'both'): PersonCondition => ({
    conditionId: 'wrist-fracture',
    side,
    state: 'not cleared',
    since: null,
    spots: [],
  });
  const kindsOf = (given: Partial<Person>, id: string) => {
    const m = CATALOGUE.movement(id)!;
    const { L, R } = judgeHands(person(given), m, m.dose, context);
    return [L.kind, R.kind];
  };
  /** A movement for each rung of the ladder. */
  const LADDER: readonly (readonly [ClearanceScope, string])[] = [
    ['fingers', 'five-shapes'],
    ['hand', 'wrist-bend'],
    ['stretch', 'self-drawn-stretch'],
    ['resisted', 'ball-squeeze'],
    ['seated loading', 'dome-press'],
  ];

  test('opens what is written and all below it, and nothing above', () => {
    for (const [i, [scope]] of LADDER.entries())
      for (const [j, [, id]] of LADDER.entries()) {
        if (id === 'self-drawn-stretch') continue;
        const [left] = kindsOf({ conditions: [uncleared('L')], clearances: [cleared(scope)] }, id);
        expect([scope, id, left]).toEqual([scope, id, j <= i ? 'do' : 'leaveOut']);
      }
  });

  test('loading in a seat opens neither standing, nor the floor, nor impact', () => {
    const given: Partial<Person> = {
      positions: ['chair', 'table', 'standing', 'floor'],
      conditions: [{ conditionId: 'osteoporosis', side: 'none', state: 'settled', since: null, spots: [] }],
      clearances: [cleared('seated loading', { side: 'both' })],
    };
    expect(kindsOf(given, 'table-lean')).toEqual(['do', 'do']);
    expect(kindsOf(given, 'wall-lean')).toEqual(['adapt', 'adapt']);
    expect(kindsOf(given, 'all-fours')).toEqual(['leaveOut', 'leaveOut']);
    expect(kindsOf(given, 'drops-cushion')).toEqual(['leaveOut', 'leaveOut']);
  });

  test('is for its hand alone; one that names none is for the only side that anything is the matter with', () => {
    const left = { clearances: [cleared('hand')] };
    expect(kindsOf({ ...left, conditions: [uncleared('both')] }, 'five-shapes')).toEqual(['do', 'leaveOut']);
    const unsaid = { clearances: [cleared('hand', { side: null })] };
    expect(kindsOf({ ...unsaid, conditions: [uncleared('L')] }, 'five-shapes')).toEqual(['do', 'do']);
    expect(kindsOf({ ...unsaid, conditions: [uncleared('both')] }, 'five-shapes')).toEqual([
      'leaveOut',
      'leaveOut',
    ]);
  });

  test('for one hand opens nothing for the other, not even what belongs to the whole person', () => {
    const bones = having('osteoporosis', 'settled');
    const given = { conditions: [bones], clearances: [cleared('impact')] };
    expect(kindsOf(given, 'drops-cushion')).toEqual(['do', 'leaveOut']);
    const unsaid = { conditions: [bones], clearances: [cleared('seated loading', { side: null })] };
    expect(kindsOf(unsaid, 'dome-press')).toEqual(['do', 'do']);
  });

  test('stands in the clinician’s words wherever it changed a verdict', () => {
    const clearances = [cleared('resisted', { what: 'left hand, finger movements only' })];
    const m = CATALOGUE.movement('ball-squeeze')!;
    const { L } = verdictFor(person({ conditions: [uncleared('L')], clearances }), m, m.dose, context);
    expect(L).toMatchObject({ kind: 'adapt', how: ['Dr A: “left hand, finger movements only”'] });
  });

  test('whose scope and words disagree, or that names no hand, is asked about', () => {
    expect(clearanceDoubt(cleared('resisted', { what: 'finger movements only' }))).toMatch(/Which is right/);
    expect(
      clearanceDoubt(cleared('standing loading', { what: 'seated loading, no standing leans' })),
    ).toMatch(/Which is right/);
    expect(clearanceDoubt(cleared('seated loading', { what: 'seated loading' }))).toBeNull();
    expect(clearanceDoubt(cleared('hand', { side: null }))).toBe('Which hand is it for?');
  });
});
