import { findings, mended, planWith, rest } from '../plans';

const OPENING = { arrive: ['look-at-hands'], wake: ['warm-palms'] } as const;

describe('O1 noticing and warming first', () => {
  test('an effort before any noticing or warming is found and mended', () => {
    const plan = planWith({ move: ['wrist-bend'], hold: ['wrist-up-hold'] });
    expect(findings(plan, 'O1')[0]).toMatchObject({
      severity: 'must',
      text: 'Wrist up against the other hand comes before the hands have been looked at.',
    });
    expect(findings(mended(plan, 'O1'), 'O1')).toEqual([]);
  });

  test('noticing and warming first is enough, and a class without effort needs neither', () => {
    expect(findings(planWith({ ...OPENING, hold: ['wrist-up-hold'] }), 'O1')).toEqual([]);
    expect(findings(planWith({ move: ['wrist-bend'] }), 'O1')).toEqual([]);
  });
});

describe('O2 active, then stretch, then resisted', () => {
  test('a stretch before the joint has moved is found; the later active row is moved up', () => {
    const plan = planWith({ ...OPENING, hold: ['wrist-stretch-back'], ease: ['wrist-bend'] });
    const [found] = findings(plan, 'O2');
    expect(found).toMatchObject({ severity: 'must', rowIds: ['wrist-stretch-back'] });
    const after = mended(plan, 'O2');
    expect(after.sections.find((s) => s.kind === 'hold')!.rows.map((r) => r.id)).toEqual([
      'wrist-bend',
      'wrist-stretch-back',
    ]);
    expect(findings(after, 'O2')).toEqual([]);
  });

  test('where nothing active is planned for the joint, one is offered', () => {
    const plan = planWith({ ...OPENING, grip: ['ring-squeeze'] });
    const [found] = findings(plan, 'O2');
    expect(found!.text).toBe('Ring squeeze works the fingers before it has moved gently.');
    expect(findings(mended(plan, 'O2'), 'O2')).toEqual([]);
  });

  test('a stretch comes before resisted work on the same joint', () => {
    const plan = planWith({
      ...OPENING,
      move: ['wrist-bend', 'five-shapes'],
      hold: ['wrist-up-hold', 'wrist-stretch-back'],
    });
    expect(findings(plan, 'O2')[0]!.rowIds).toEqual(['wrist-up-hold', 'wrist-stretch-back']);
    expect(findings(mended(plan, 'O2'), 'O2')).toEqual([]);
  });

  test('a stretch that eases the hands afterwards is no fault', () => {
    const plan = planWith({
      ...OPENING,
      move: ['thumb-to-tips', 'wrist-bend'],
      grip: ['ball-squeeze'],
      ease: ['web-stretch'],
    });
    expect(findings(plan, 'O2')).toEqual([]);
  });
});

describe('O5 counter-stretch after loading', () => {
  test('a run of leans is countered once, after it', () => {
    const run = ['table-lean', 'lean-circles', 'heel-lifts'];
    const [found] = findings(planWith({ load: run }), 'O5');
    expect(findings(planWith({ load: run }), 'O5')).toHaveLength(1);
    expect(found!.rowIds).toEqual(['heel-lifts']);
    expect(findings(planWith({ load: [...run, 'backs-together', 'wrist-shake'] }), 'O5')).toEqual([]);
  });

  test('loading without its counter is found, and both rows are added after it', () => {
    const plan = planWith({ load: ['table-lean'], ease: ['stroke-arms'] });
    expect(findings(plan, 'O5')[0]).toMatchObject({ severity: 'must', rowIds: ['table-lean'] });
    const after = mended(plan, 'O5');
    expect(findings(after, 'O5')).toEqual([]);
    expect(after.sections.find((s) => s.kind === 'load')!.rows).toHaveLength(3);
  });

  test('within two rows is enough, further is not; breaks do not count as rows', () => {
    expect(findings(planWith({ load: ['table-lean', 'wrist-shake', 'backs-together'] }), 'O5')).toEqual([]);
    expect(
      findings(planWith({ load: ['table-lean', rest('w', 'water'), 'backs-together', 'wrist-shake'] }), 'O5'),
    ).toEqual([]);
    const far = planWith({ load: ['table-lean', 'stroke-arms', 'backs-together', 'wrist-shake'] });
    expect(findings(far, 'O5')).toHaveLength(1);
  });
});

describe('O6 a quiet ending', () => {
  test('what is missing is named and added to the settle', () => {
    const plan = planWith({ move: ['wrist-bend'], settle: ['quiet-breath'] });
    expect(findings(plan, 'O6')[0]!.text).toBe('The ending lacks easing and a second look at the hands.');
    expect(findings(mended(plan, 'O6'), 'O6')).toEqual([]);
  });

  test('a class that ends on an effort is told so', () => {
    const plan = planWith({ ease: ['stroke-arms'], settle: ['quiet-breath', 'look-again', 'ring-squeeze'] });
    expect(findings(plan, 'O6')[0]!.text).toBe('The class ends on ring squeeze.');
  });

  test('an empty plan is not nagged', () => {
    expect(findings(planWith({}), 'O6')).toEqual([]);
  });
});
