import { person } from '../people';
import { placedRows, type Plan, type Row } from '@/core/plan/plan';
import { facts, findings, mended, planWith, rest, talk } from '../plans';

describe('B1 both sides and every pass', () => {
  test.each([
    ['one side only', ['ring-squeeze', { sides: 'left' }], 'Ring squeeze: left 10, right 0.'],
    ['extra on one side', ['ring-squeeze', { extraRight: 2 }], 'Ring squeeze: left 10, right 12.'],
    ['one direction', ['wrist-circles-air', { passes: [] }], 'Wrist circles in the air: one way of 2.'],
    ['one position', ['ball-squeeze', { passes: [{ name: 'palm down' }] }], 'Ball squeeze: not palm up.'],
    [
      'more of one position than of the other',
      ['ball-squeeze', { passes: [{ name: 'palm down' }, { name: 'palm up', extra: 2 }] }],
      'Ball squeeze: 12 palm down, 16 palm up.',
    ],
  ] as const)('%s is found and made even', (_, entry, text) => {
    const plan = planWith({ grip: [[entry[0], { ...entry[1] }]] });
    expect(findings(plan, 'B1')[0]).toMatchObject({ severity: 'must', text });
    expect(findings(mended(plan, 'B1'), 'B1')).toEqual([]);
  });

  test('seconds count as well: half a minute with one hand and five seconds with the other is uneven', () => {
    const timed = (sides: 'left' | 'right', timeMs: number) =>
      ['press-hollow', { sides, count: { mode: 'time', timeMs } }] as const;
    const plan = (leftMs: number, rightMs: number) =>
      planWith({ ease: [[...timed('left', leftMs)], [...timed('right', rightMs)]] });
    expect(findings(plan(30_000, 5_000), 'B1')[0]!.text).toContain('left 30 s, right 5 s');
    expect(findings(plan(30_000, 30_000), 'B1')).toEqual([]);
  });

  test('two rows of one movement may make up for each other', () => {
    const plan = planWith({
      grip: [
        ['ring-squeeze', { sides: 'left' }],
        ['ring-squeeze', { sides: 'right' }],
      ],
    });
    expect(findings(plan, 'B1')).toEqual([]);
  });

  test('a recorded choice is respected', () => {
    const plan = planWith({ grip: [['ring-squeeze', { extraLeft: 2, unevenReason: 'left is weaker' }]] });
    expect(findings(plan, 'B1')).toEqual([]);
  });
});

describe('B2 opening for closing', () => {
  test('two grip rows want one that opens', () => {
    const plan = planWith({ grip: ['ring-squeeze', 'ball-squeeze'] });
    expect(findings(plan, 'B2')[0]!.severity).toBe('should');
    expect(findings(mended(plan, 'B2'), 'B2')).toEqual([]);
  });

  test('one for two is enough, one for three is not', () => {
    expect(
      findings(planWith({ grip: ['ring-squeeze', 'ball-squeeze'], open: ['loop-spread'] }), 'B2'),
    ).toEqual([]);
    const three = planWith({ grip: ['ring-squeeze', 'ball-squeeze', 'cloth-wring'], open: ['loop-spread'] });
    expect(findings(three, 'B2')).toHaveLength(1);
  });
});

describe('R1 hand break', () => {
  test('a third grip row in a row is found; the break goes in before it', () => {
    const plan = planWith({ grip: ['ring-squeeze', ['alternate-fists', {}], 'cloth-wring'] });
    const [found] = findings(plan, 'R1');
    expect(found!.severity).toBe('must');
    expect(found!.rowIds).toContain('cloth-wring');
    const after = mended(plan, 'R1');
    const kinds = after.sections.find((s) => s.kind === 'grip')!.rows.map((r) => r.kind);
    expect(kinds).toEqual(['movement', 'movement', 'break', 'movement']);
    expect(findings(after, 'R1')).toEqual([]);
  });

  test('90 s of gripping in one row wants a break before more work', () => {
    const long = { sets: 4, restMs: 0 };
    const plan = planWith({ grip: [['ring-squeeze', long], 'cloth-wring'] });
    expect(findings(plan, 'R1')[0]!.text).toBe(
      'One long grip row has 120 s of gripping with one hand, and no hand break after.',
    );
    expect(
      findings(planWith({ grip: [['ring-squeeze', long], rest('h', 'hand'), 'cloth-wring'] }), 'R1'),
    ).toEqual([]);
  });

  test('a usual ball squeeze is no long grip for either hand, and what lies on open palms is none at all', () => {
    expect(findings(planWith({ grip: ['ball-squeeze', 'ring-squeeze'] }), 'R1')).toEqual([]);
    expect(
      findings(planWith({ grip: ['carry-sides', 'carry-eight', 'ball-squeeze', 'ring-squeeze'] }), 'R1'),
    ).toEqual([]);
  });

  test('opening, shaking and stretching rest the grip; talking over it does not', () => {
    const between = (row: Parameters<typeof planWith>[0]['grip']) =>
      findings(planWith({ grip: ['ring-squeeze', 'alternate-fists', ...row!, 'cloth-wring'] }), 'R1').length;
    expect(between(['wrist-shake'])).toBe(0);
    expect(between(['loop-spread'])).toBe(0);
    expect(between([talk('t', 60)])).toBe(1);
  });
});

describe('R2 water', () => {
  test('fifteen dry minutes are found and broken', () => {
    const plan = planWith({ arrive: [talk('a', 600), talk('b', 400)], settle: ['quiet-breath'] });
    expect(findings(plan, 'R2')[0]!.rowIds).toEqual(['b']);
    expect(findings(mended(plan, 'R2'), 'R2')).toEqual([]);
  });

  test('water that comes a little late is brought forward, unless it is the last before the settle', () => {
    const late = (after: readonly Row[]) =>
      planWith({
        arrive: [talk('a', 600), talk('b', 400)],
        move: [talk('c', 120), rest('w', 'water', 60), ...after],
        settle: [talk('d', 60)],
      });
    const waters = (plan: Plan) =>
      placedRows(plan).flatMap(({ row }, i) => (row.kind === 'break' ? [i] : []));
    const followed = mended(late([talk('e', 200), rest('w2', 'water', 60)]), 'R2');
    expect(waters(followed)).toEqual([1, 5]);
    expect(findings(followed, 'R2')).toEqual([]);
    expect(waters(mended(late([]), 'R2'))).toEqual([1, 4]);
  });

  test('water comes between the work and the settle', () => {
    const plan = planWith({ hold: ['palms-press'], settle: ['quiet-breath'] });
    expect(findings(plan, 'R2')[0]!.text).toBe('No water before the Settle section.');
    expect(findings(mended(plan, 'R2'), 'R2')).toEqual([]);
  });
});

describe('R4 thumb rest', () => {
  const plan = planWith({ grip: ['ball-squeeze', 'putty-pinch', 'ring-squeeze'] });

  test('two thumb-heavy rows should not follow each other', () => {
    expect(findings(plan, 'R4')[0]!.severity).toBe('should');
    expect(findings(mended(plan, 'R4'), 'R4')).toEqual([]);
  });

  test('they must not when anyone has thumb-base arthritis', () => {
    const sore = person({
      conditions: [{ conditionId: 'thumb-base', side: 'R', state: 'settled', since: null, spots: [] }],
    });
    const [found] = findings(plan, 'R4', facts({ people: [sore] }));
    expect(found).toMatchObject({ severity: 'must', personIds: [sore.id] });
  });
});

describe('T3 efforts are short', () => {
  test('an effort held over 10 s is cut to 10; a long mild stretch is left alone', () => {
    const long = { mode: 'hold', holds: 2, holdMs: 15_000, relaxMs: 3_000 } as const;
    const plan = planWith({ hold: [['palms-press', { count: long }]], ease: ['web-stretch'] });
    expect(findings(plan, 'T3').map((f) => f.rowIds)).toEqual([['palms-press']]);
    expect(findings(mended(plan, 'T3'), 'T3')).toEqual([]);
  });

  test.each([
    ['in breaths', 'table-lean', { count: { mode: 'breaths', breaths: 15 } }],
    ['as free time', 'table-lean', { count: { mode: 'time', timeMs: 65_000 } }],
    [
      'in steps',
      'ball-each-finger',
      { count: { mode: 'sequence', rounds: 1, steps: ['index', 'ring'], stepMs: 40_000 } },
    ],
    [
      'in one of its passes',
      'wrist-side-hold',
      { passes: [{ name: 'toward the thumb' }, { name: 'toward the little finger', ms: 20_000 }] },
    ],
  ] as const)('an effort held %s is a hold like any other', (_, id, dose) => {
    const plan = planWith({ hold: [[id, dose as never]] });
    expect(findings(plan, 'T3')).toHaveLength(1);
    expect(findings(mended(plan, 'T3'), 'T3')).toEqual([]);
  });

  test('a lean that comes and goes with each breath is not held', () => {
    expect(findings(planWith({ load: ['lean-with-breath', 'thigh-press'] }), 'T3')).toEqual([]);
  });
});
