import { CATALOGUE } from '@/catalogue/movements';
import { catalogueOf } from '@/core/catalogue';
import { facts, findings, mended, planWith, rest, talk } from '../plans';

const movement = (id: string) => CATALOGUE.movement(id)!;
const prop = (id: string) => CATALOGUE.prop(id)!;

describe('B3 stretches in pairs', () => {
  test('bent back alone gets its pair right after', () => {
    const plan = planWith({ ease: ['wrist-stretch-palm', 'quiet-breath'] });
    expect(findings(plan, 'B3')[0]!.text).toBe(
      'A stretch with the wrist bent back (wrist stretch, palm side) has none with the wrist bent to go with it.',
    );
    const after = mended(plan, 'B3');
    expect(after.sections.find((s) => s.kind === 'ease')!.rows).toHaveLength(3);
    expect(findings(after, 'B3')).toEqual([]);
  });

  test('a pair is enough, and a class without stretches needs none', () => {
    expect(findings(planWith({ ease: ['wrist-stretch-palm', 'wrist-stretch-back'] }), 'B3')).toEqual([]);
    expect(findings(planWith({ move: ['wrist-bend'] }), 'B3')).toEqual([]);
  });
});

describe('B4 every finger', () => {
  test('a class for the wrists alone leaves the fingers still; the mend moves them', () => {
    const plan = planWith({ move: ['wrist-bend', 'wrist-side', 'wrist-circles-air', 'palms-turn'] });
    const [found] = findings(plan, 'B4');
    expect(found!.severity).toBe('should');
    expect(found!.text).toMatch(/^Not moved in this class: /);
    const left = findings(mended(plan, 'B4'), 'B4')[0];
    expect(left?.text).not.toBe(found!.text);
  });

  test('a plan that is only being begun is left in peace', () => {
    expect(findings(planWith({ move: ['wrist-bend'] }), 'B4')).toEqual([]);
  });

  test('wrists, fists, finger shapes and thumbs leave nothing still', () => {
    const plan = planWith({
      move: [
        'wrist-bend',
        'wrist-side',
        'palms-turn',
        'open-close',
        'five-shapes',
        'thumb-to-tips',
        'thumb-out-across',
        'fingers-part',
      ],
    });
    expect(findings(plan, 'B4')).toEqual([]);
  });
});

describe('B5 a change of place', () => {
  const onTable = [
    'wrist-circles-table',
    'wrist-circles-table',
    'wrist-circles-table',
    'wrist-circles-table',
    'wrist-circles-table',
  ];
  test('more than four minutes with the arms on the table; a break between is a change', () => {
    const plan = planWith({ move: onTable });
    expect(findings(plan, 'B5')[0]!.text).toMatch(/^Arms on the table for [4-9]:\d\d without a change\.$/);
    expect(findings(mended(plan, 'B5'), 'B5')).toEqual([]);
  });

  test('talk leaves people where they are, water does not', () => {
    const talked = planWith({ move: [...onTable.slice(0, 2), talk('chat', 150), onTable[2]!] });
    const drunk = planWith({ move: [...onTable.slice(0, 2), rest('w', 'water', 150), onTable[2]!] });
    expect(findings(talked, 'B5')).toHaveLength(1);
    expect(findings(drunk, 'B5')).toEqual([]);
  });
});

test('P4 a standing row without a seated form must go; with a seated twin it may stay', () => {
  const alone = { ...movement('wall-lean'), id: 'lean-alone', name: 'Lean alone', seatedAlternative: null };
  const catalogue = catalogueOf([...CATALOGUE.movements, alone], CATALOGUE.props, {});
  const plan = planWith({ load: ['wall-lean'] });
  expect(findings(plan, 'P4')).toEqual([]);
  const row = { ...plan.sections.find((s) => s.kind === 'load')!.rows[0]!, movementId: 'lean-alone' };
  const twinless = {
    ...plan,
    sections: plan.sections.map((s) => (s.kind === 'load' ? { ...s, rows: [row] } : s)),
  } as typeof plan;
  expect(findings(twinless, 'P4', facts({ catalogue }))[0]).toMatchObject({
    severity: 'must',
    text: 'Lean alone has no seated form.',
  });
  expect(findings(mended(twinless, 'P4', facts({ catalogue })), 'P4', facts({ catalogue }))).toEqual([]);
});

describe('K3 and K4', () => {
  const plan = planWith({ grip: ['ball-squeeze'] });
  const shared = () => findings(plan, 'K3', facts({ bag: { 'foam-ball': 1 } }));

  test('too few to go round would be shared: wiping is said, or that it cannot be', () => {
    expect(shared()[0]!.text).toMatch(/^Foam balls (would be shared: wipe each one|cannot be shared)/);
    expect(findings(plan, 'K3')).toEqual([]);
    expect(findings(plan, 'K3', facts({ bag: {} }))).toEqual([]);
  });

  test('a square edge is named with what to bring instead', () => {
    const edged = { ...prop('foam-ball'), edge: 'square' as const };
    const catalogue = catalogueOf(CATALOGUE.movements, [edged], {});
    expect(findings(plan, 'K4', facts({ catalogue }))[0]!.text).toBe(
      `Foam balls have square edges: bring ${edged.substitute}.`,
    );
    expect(findings(plan, 'K4')).toEqual([]);
  });
});

describe('T2 enough work', () => {
  test('a class that is mostly talk says so with its share', () => {
    const plan = planWith({ arrive: [talk('a', 120), talk('b', 120)], move: ['wrist-bend'] });
    expect(findings(plan, 'T2')[0]!.text).toMatch(
      /^\d+ % of the class is working time: 0:\d\d of \d:\d\d\.$/,
    );
  });

  test.each([
    [120, 0],
    [121, 1],
  ])('talk of %i s in one piece: %i findings about its length', (seconds, expected) => {
    const plan = planWith({ arrive: [talk('a', seconds)] });
    const long = findings(plan, 'T4');
    expect(long).toHaveLength(expected);
    if (expected) expect(findings(mended(plan, 'T4'), 'T4')).toEqual([]);
  });
});
