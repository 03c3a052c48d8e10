import { person } from '../people';
import { facts, findings, mended, planWith, rest, talk } from '../plans';

describe('B1 both sides, directions and leads', () => {
  test.each([
    ['one side only', ['ring-squeeze', { sides: 'left' }], 'Ring squeeze: left 10, right 0.'],
    ['extra on one side', ['ring-squeeze', { extraRight: 2 }], 'Ring squeeze: left 10, right 12.'],
    [
      'one direction',
      ['wrist-circles-air', { directions: 1 }],
      'Wrist circles in the air: only one direction.',
    ],
    ['one lead', ['cloth-wring', { leads: 1 }], 'Wring the cloth: the other hand never leads.'],
  ] as const)('%s is found and made even', (_, entry, text) => {
    const plan = planWith({ grip: [[entry[0], { ...entry[1] }]] });
    expect(findings(plan, 'B1')[0]).toMatchObject({ severity: 'must', text });
    expect(findings(mended(plan, 'B1'), 'B1')).toEqual([]);
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
      'One long grip row has 240 s of gripping with no hand break after.',
    );
    expect(
      findings(planWith({ grip: [['ring-squeeze', long], rest('h', 'hand'), 'cloth-wring'] }), 'R1'),
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

  test('water comes between the work and the settle', () => {
    const plan = planWith({ hold: ['palms-press'], settle: ['quiet-breath'] });
    expect(findings(plan, 'R2')[0]!.text).toBe('No water between the work and the settle.');
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
});
