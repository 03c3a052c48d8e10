import { checkPlan } from '@/core/plan/check/check';
import { person } from '../people';
import { facts, findings, mended, planWith } from '../plans';

const resting = () =>
  person({
    firstName: 'Ferran',
    conditions: [
      { conditionId: 'hand-surgery', side: 'both', state: 'not cleared', since: null, spots: [] },
      { conditionId: 'spine-fracture', side: 'none', state: 'flare', since: null, spots: [] },
    ],
  });

describe('P1 something to do', () => {
  test('more than two rows in a row of nothing must be mended', () => {
    const who = resting();
    const plan = planWith({ move: ['wrist-bend', 'five-shapes', 'palms-turn'] });
    expect(findings(plan, 'P1', facts({ people: [who, person()] }))[0]).toMatchObject({
      severity: 'must',
      text: 'Ferran has nothing to do for 3 rows in a row.',
      personIds: [who.id],
    });
  });

  test('two in a row, then something, is only a should', () => {
    const plan = planWith({ move: ['wrist-bend', 'five-shapes', 'look-at-hands', 'palms-turn'] });
    expect(findings(plan, 'P1', facts({ people: [resting()] }))[0]!.severity).toBe('should');
  });

  test('someone with one resting hand has the other', () => {
    const one = person({
      conditions: [{ conditionId: 'hand-surgery', side: 'L', state: 'not cleared', since: null, spots: [] }],
    });
    const plan = planWith({ move: ['wrist-bend', 'five-shapes', 'palms-turn'] });
    expect(findings(plan, 'P1', facts({ people: [one] }))).toEqual([]);
  });
});

describe('P2 helpers', () => {
  const plan = planWith({ move: ['wrist-bend'] });
  test.each([
    [[3], 0, true],
    [[3], 1, false],
    [[2, 2], 1, false],
    [[2, 2, 2], 1, true],
    [[3, 2], 1, true],
    [[1, 0], 0, false],
  ])('people at assistance %j with %i helpers', (levels, helpers, short) => {
    const people = levels.map((assistance) => person({ assistance }));
    expect(findings(plan, 'P2', facts({ people, helpers })).length > 0).toBe(short);
  });
});

test('P3 a row that leaves out a third is better replaced', () => {
  const plan = planWith({ move: ['wrist-bend'] });
  const people = [resting(), person(), person()];
  expect(findings(plan, 'P3', facts({ people }))[0]!.text).toBe('Wrist bends up and down leaves out 1 of 3.');
  expect(findings(mended(plan, 'P3', facts({ people })), 'P3', facts({ people }))).toEqual([]);
  expect(findings(plan, 'P3', facts({ people: [...people, person()] }))).toEqual([]);
});

describe('K1 enough props', () => {
  const plan = planWith({ grip: ['ball-squeeze'] });
  test('one each and one to show with', () => {
    const people = [person(), person(), person()];
    expect(findings(plan, 'K1', facts({ people, bag: { 'foam-ball': 4 } }))).toEqual([]);
    expect(findings(plan, 'K1', facts({ people, bag: { 'foam-ball': 3 } }))[0]).toMatchObject({
      severity: 'must',
      text: '4 foam balls are needed, 3 are in the bag. Pack 1 more, or bring substitutes (a rolled pair of socks each) and add them to the bag.',
    });
  });

  test('who does it with no prop needs none', () => {
    const people = [person(), person(), person({ propsOut: ['foam-ball'] })];
    expect(findings(plan, 'K1', facts({ people, bag: { 'foam-ball': 3 } }))).toEqual([]);
    expect(findings(plan, 'K1', facts({ people, bag: { 'foam-ball': 2 } }))[0]!.text).toContain(
      '3 foam balls are needed, 2 are in the bag.',
    );
  });

  test('who does something else needs none', () => {
    const flare = person({
      conditions: [{ conditionId: 'hand-oa', side: 'both', state: 'flare', since: null, spots: [] }],
    });
    const check = checkPlan(plan, facts({ people: [flare, person()] }));
    expect(check.kit.map((k) => k.needed)).toEqual([2]);
  });
});

test('K2 a fourth prop in 45 minutes is one too many', () => {
  const three = planWith({ grip: ['ball-squeeze', 'ring-squeeze', 'cloth-wring'] });
  const four = planWith({ grip: ['ball-squeeze', 'ring-squeeze', 'cloth-wring', 'putty-pinch'] });
  expect(findings(three, 'K2')).toEqual([]);
  expect(findings(four, 'K2')).toHaveLength(1);
  expect(findings(four, 'K2', facts({ slotMs: 60 * 60_000 }))).toEqual([]);
});

test('K3 latex is warned of only when someone must not touch it', () => {
  const plan = planWith({ open: ['band-spread'] });
  const allergic = person({
    firstName: 'Lorna',
    conditions: [{ conditionId: 'latex', side: 'none', state: 'settled', since: null, spots: [] }],
  });
  expect(findings(plan, 'K5')).toEqual([]);
  expect(findings(plan, 'K5', facts({ people: [allergic] }))[0]!.text).toContain(
    'Lorna must not touch latex',
  );
});

describe('T1 fits the slot', () => {
  const many = planWith({
    move: ['wrist-bend', 'palms-turn', 'five-shapes'],
    grip: ['ring-squeeze'],
    load: ['table-lean', 'backs-together', 'wrist-shake'],
    settle: ['quiet-breath', 'look-again'],
  });
  const total = checkPlan(many, facts()).timing.totalMs;

  test('exactly the slot fits, one second more does not', () => {
    expect(findings(many, 'T1', facts({ slotMs: total }))).toEqual([]);
    expect(findings(many, 'T1', facts({ slotMs: total - 1_000 }))[0]!.text).toContain('0:01 longer');
  });

  test('the mend shortens enough rows, never the ending, the counter-stretch or the shake', () => {
    const tight = facts({ slotMs: total - 20_000 });
    const after = mended(many, 'T1', tight);
    expect(findings(after, 'T1', tight)).toEqual([]);
    const doses = (plan: typeof many, ids: string[]) =>
      plan.sections.flatMap((s) => s.rows).filter((r) => ids.includes(r.id));
    const kept = ['backs-together', 'wrist-shake', 'quiet-breath', 'look-again'];
    expect(doses(after, kept)).toEqual(doses(many, kept));
  });

  test('when shortening is not enough, it says how much is still over', () => {
    const hopeless = facts({ slotMs: 60_000 });
    expect(findings(many, 'T1', hopeless)[0]!.mend!.label).toMatch(/still over$/);
  });
});

test('G3 more than three new movements after the first class', () => {
  const plan = planWith({ move: ['wrist-bend', 'palms-turn', 'five-shapes', 'finger-wave'] });
  expect(findings(plan, 'G3', facts({ shown: ['look-at-hands'] }))[0]!.severity).toBe('should');
  expect(findings(plan, 'G3', facts({ shown: [] }))).toEqual([]);
  expect(findings(plan, 'G3', facts({ shown: ['wrist-bend'] }))).toEqual([]);
});

test('findings come worst first', () => {
  const plan = planWith({ grip: ['ring-squeeze', 'ball-squeeze', ['cloth-wring', { passes: [] }]] });
  const severities = checkPlan(plan, facts()).findings.map((f) => f.severity);
  expect(severities).toEqual(
    [...severities].sort((a, b) => (a === b ? 0 : a === 'must' ? -1 : b === 'must' ? 1 : 0)),
  );
  expect(severities).toContain('should');
});

test('P2 a row that a helper gives needs one, whoever comes', () => {
  const plan = planWith({ ease: ['assisted-open-palm'] });
  expect(findings(plan, 'P2', facts({ people: [person()], helpers: 0 }))[0]!.text).toMatch(
    /given by a helper/,
  );
  expect(findings(plan, 'P2', facts({ people: [person()], helpers: 1 }))).toEqual([]);
});
