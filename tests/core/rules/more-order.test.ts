import { facts, findings, mended, planWith, rest, talk } from '../plans';

const OPENING = { arrive: ['look-at-hands'], wake: ['warm-palms'] } as const;

describe('O3 still before moving, light before heavy', () => {
  const plan = planWith({ ...OPENING, grip: ['ball-squeeze'], open: ['palms-press'] });
  test.each([
    [1, 1],
    [3, 1],
    [4, 0],
  ])('in week %i there are %i findings about effort without movement', (week, expected) => {
    expect(findings(plan, 'O3', facts({ week }))).toHaveLength(expected);
  });

  test('the effort without movement is moved up', () => {
    const first = facts({ week: 1 });
    expect(findings(plan, 'O3', first)[0]!.rowIds).toEqual(['ball-squeeze', 'palms-press']);
    expect(findings(mended(plan, 'O3', first), 'O3', first)).toEqual([]);
  });

  test('a lighter row straight after a heavier one in the same section changes place with it', () => {
    const heavyFirst = planWith({ grip: ['ball-squeeze', 'alternate-fists'] });
    expect(findings(heavyFirst, 'O3')[0]!.text).toBe(
      'Ball squeeze comes before alternate gentle fists, which is lighter.',
    );
    expect(findings(mended(heavyFirst, 'O3'), 'O3')).toEqual([]);
    expect(
      findings(planWith({ grip: ['ball-squeeze', rest('b', 'hand'), 'alternate-fists'] }), 'O3'),
    ).toEqual([]);
  });
});

describe('O4 loading apart from grip', () => {
  test('grip straight after loading gets a break between; the other way round is fine', () => {
    const plan = planWith({ load: ['thigh-press'], ease: ['ball-squeeze'] });
    expect(findings(plan, 'O4')[0]).toMatchObject({
      severity: 'should',
      rowIds: ['thigh-press', 'ball-squeeze'],
    });
    expect(findings(mended(plan, 'O4'), 'O4')).toEqual([]);
    expect(findings(planWith({ grip: ['ball-squeeze'], load: ['thigh-press'] }), 'O4')).toEqual([]);
  });
});

describe('O7 simple before complex', () => {
  test('splitting the hands comes after the simple movement of the same joint', () => {
    const plan = planWith({ move: ['split-hands', 'wrist-bend'] });
    expect(findings(plan, 'O7')[0]!.text).toBe(
      'One hand bends while the other sways comes before the simpler wrist bends up and down.',
    );
    const after = mended(plan, 'O7');
    expect(after.sections.find((s) => s.kind === 'move')!.rows.map((r) => r.id)).toEqual([
      'wrist-bend',
      'split-hands',
    ]);
    expect(findings(after, 'O7')).toEqual([]);
  });

  test('a new one is learned slow; a known one may be quick', () => {
    const count = { mode: 'reps', reps: 6, tempoMs: 1_000 } as const;
    const plan = planWith({ move: ['wrist-bend', ['split-hands', { count }]] });
    const fresh = facts({ shown: ['wrist-bend'] });
    expect(findings(plan, 'O7', fresh)[0]!.text).toMatch(/is new and planned at 1 s each/);
    expect(findings(mended(plan, 'O7', fresh), 'O7', fresh)).toEqual([]);
    expect(findings(plan, 'O7')).toEqual([]);
  });
});

describe('O8 props and places together', () => {
  test('a prop that goes out twice is counted in time, and its rows are brought together', () => {
    const plan = planWith({ grip: ['ball-squeeze', 'cloth-wring', 'ball-flat-fingers', 'open-close'] });
    const [found] = findings(plan, 'O8');
    expect(found!.text).toMatch(/^Foam balls go out twice; handing them out again costs 0:(08|16)\.$/);
    const after = mended(plan, 'O8');
    expect(after.sections.find((s) => s.kind === 'grip')!.rows.map((r) => r.id)).toEqual([
      'ball-squeeze',
      'ball-flat-fingers',
      'cloth-wring',
      'open-close',
    ]);
    expect(findings(after, 'O8')).toEqual([]);
  });

  test('a table that is needed twice is needed once when its rows are together', () => {
    const plan = planWith({ move: ['wrist-circles-table', 'open-close'], open: ['single-finger-lifts'] });
    expect(findings(plan, 'O8')[0]!.text).toBe('The table is needed twice, with other rows between.');
    expect(findings(mended(plan, 'O8'), 'O8')).toEqual([]);
  });
});

describe('O9 talk belongs to a rest', () => {
  test.each([
    [15, 0],
    [16, 1],
  ])('%i s of talk with the ball in the hand: %i findings', (seconds, expected) => {
    const plan = planWith({ grip: ['ball-squeeze', talk('chat', seconds), 'ball-flat-fingers'] });
    expect(findings(plan, 'O9')).toHaveLength(expected);
  });

  test('it is moved before the ball goes out', () => {
    const plan = planWith({ grip: ['ball-squeeze', talk('chat', 40), 'ball-flat-fingers'] });
    expect(mended(plan, 'O9').sections.find((s) => s.kind === 'grip')!.rows[0]!.id).toBe('chat');
    expect(findings(mended(plan, 'O9'), 'O9')).toEqual([]);
    expect(findings(planWith({ move: ['wrist-bend', talk('chat', 40), 'open-close'] }), 'O9')).toEqual([]);
  });
});

describe('O10 an early start', () => {
  test('three minutes of talk and looking is too long; the talk moves behind the first movement', () => {
    const plan = planWith({ arrive: [talk('hello', 180), 'look-at-hands'], wake: ['warm-palms'] });
    expect(findings(plan, 'O10')[0]!.severity).toBe('could');
    expect(findings(mended(plan, 'O10'), 'O10')).toEqual([]);
    expect(findings(planWith({ arrive: [talk('hello', 100)], wake: ['warm-palms'] }), 'O10')).toEqual([]);
  });
});

describe('O11 a layer at a time', () => {
  test('hands and arms at once, new to the group, become two layers with names', () => {
    const plan = planWith({ move: ['pass-to-music'] });
    const fresh = facts({ shown: ['open-close'] });
    expect(findings(plan, 'O11', fresh)[0]!.text).toMatch(/starts hands and arms together/);
    const after = mended(plan, 'O11', fresh);
    const [row] = after.sections.find((s) => s.kind === 'move')!.rows;
    expect(row).toMatchObject({
      dose: { sets: 1, layers: [{ name: 'hands alone' }, { name: 'with the arms' }] },
    });
    expect(findings(after, 'O11', fresh)).toEqual([]);
    expect(findings(plan, 'O11')).toEqual([]);
  });
});
