import { primaryCount } from '@/core/dose/dose';
import { CAUTIONS } from '@/catalogue/cautions/cautions';
import { CONDITIONS } from '@/catalogue/conditions';
import { CATALOGUE, MOVEMENTS } from '@/catalogue/movements';
import { PROPS } from '@/catalogue/props';
import { DECLINED } from '@/catalogue/declined';
import { catalogueIssues, movementIssues, propIssues } from '@/core/catalogue/invariants';
import { TRAITS } from '@/core/catalogue/features';
import { usualRungOf } from '@/core/catalogue/rung';
import { JOINTS, LOAD_SET_UPS, RESISTED, SECTION_KINDS, type Movement } from '@/core/catalogue/movement';
import { forceAtN, type Prop } from '@/core/catalogue/prop';
import { easierOf } from '@/core/catalogue/rung';
import { doseInSchool, SCHOOLS } from '@/core/catalogue/school';
import { doseSchema } from '@/core/dose/dose';
import { clauseMatches } from '@/core/screening/rule';
import { exposureOf } from '@/core/screening/exposure';

const unique = (ids: readonly string[]) => expect(new Set(ids).size).toBe(ids.length);

test('at least 90 movements, at home in every section, in every count mode, on every kind of side', () => {
  expect(MOVEMENTS.length).toBeGreaterThanOrEqual(90);
  expect(new Set(MOVEMENTS.map((m) => m.section))).toEqual(new Set(SECTION_KINDS));
  expect(new Set(MOVEMENTS.map((m) => m.dose.count.mode))).toEqual(
    new Set(['reps', 'hold', 'breaths', 'time', 'sequence']),
  );
  const sides = new Set(MOVEMENTS.map((m) => m.dose.sides));
  for (const kind of ['both', 'each', 'alternating'] as const) expect(sides).toContain(kind);
  expect(PROPS.length).toBeGreaterThanOrEqual(24);
});

test('the catalogue breaks none of its invariants', () => {
  expect(catalogueIssues(CATALOGUE)).toEqual([]);
});

test('conditions and cautions have ids of their own', () => {
  unique(CONDITIONS.map((c) => c.id));
  unique(CAUTIONS.rules.map((r) => r.id));
  unique(DECLINED.map((d) => d.id));
});

test.each(MOVEMENTS.map((m) => [m.id, m] as const))('%s is whole', (_, m) => {
  expect(doseSchema.safeParse(m.dose).success).toBe(true);
  expect(m.joints.every((j) => JOINTS.includes(j))).toBe(true);
  expect(m.traits.every((t) => TRAITS.includes(t))).toBe(true);
  expect(easierOf(m)).not.toBe('');
  for (const id of [...m.follows, ...m.counters]) expect(id).not.toBe(m.id);
  for (const school of SCHOOLS) {
    const dose = doseInSchool(m, school);
    if (dose) expect([school, doseSchema.safeParse(dose).error]).toEqual([school, undefined]);
  }
});

test('each rung changes one thing, and no two of a ladder say the same', () => {
  for (const m of MOVEMENTS) unique(m.rungs.map((r) => r.words));
});

test('the loading ladder runs from the thighs to the floor, light to heavy', () => {
  const rungs = LOAD_SET_UPS.map((s) => MOVEMENTS.find((m) => m.loadSetUp === s)!);
  expect(rungs.every(Boolean)).toBe(true);
  const efforts = rungs.map((m) => m.effortOf10);
  expect(efforts).toEqual([...efforts].sort((a, b) => a - b));
});

test('floor and impact are off until somebody is cleared; nothing else is', () => {
  const off = MOVEMENTS.filter((m) => m.clearanceReason).map((m) => m.id);
  expect(off.sort()).toEqual([
    'all-fours',
    'circles-on-all-fours',
    'drops-cushion',
    'drops-table',
    'feet-walked-back',
    'rocking',
    'straight-body-lean',
  ]);
});

test('what is left out on purpose says why, and is no movement', () => {
  expect(DECLINED).toHaveLength(5);
  for (const d of DECLINED) {
    expect(d.why.length).toBeGreaterThan(40);
    expect(CATALOGUE.movement(d.id)).toBeUndefined();
  }
});

describe('an invariant speaks when it is broken', () => {
  const ball = CATALOGUE.movement('ball-squeeze')!;
  const lean = CATALOGUE.movement('table-lean')!;
  const tips = CATALOGUE.movement('thumb-to-tips')!;
  const fours = CATALOGUE.movement('all-fours')!;
  const steps = (...names: string[]): Movement => ({
    ...tips,
    dose: { ...tips.dose, count: { mode: 'sequence', rounds: 3, steps: names, stepMs: 1_000 } },
  });
  test.each<[string, Movement, string]>([
    ['a prop that is not there', { ...ball, propId: 'gold' }, 'Its prop “gold” is not in the catalogue'],
    [
      'a follower that is not there',
      { ...ball, follows: ['nothing'] },
      'It refers to “nothing”, which is not in the catalogue',
    ],
    ['no easier rung', { ...ball, rungs: ball.rungs.slice(2) }, 'There is no easier rung'],
    ['two rungs', { ...ball, rungs: ball.rungs.slice(1, 3) }, 'A ladder has three to eight rungs'],
    ['no way without the prop', { ...ball, noProp: ' ' }, 'Resisted work needs a way with no prop'],
    [
      'loading without its counter',
      { ...lean, counters: ['wrist-shake'] },
      'Loading needs a backs-of-the-hands stretch to counter it',
    ],
    ['a finger left out', steps('index', 'middle', 'little'), 'The ring finger is left out of the sequence'],
    [
      'a finger twice',
      steps('index', 'middle', 'ring', 'ring', 'little'),
      'The ring is named twice in the sequence; it can have more in each round instead',
    ],
    [
      'a range upside down',
      { ...ball, dose: { ...ball.dose, fewest: 15 } },
      'The usual count must lie between fewest and most',
    ],
    [
      'a hold outside its lengths',
      { ...lean, lengthMs: [7_000, 9_000] },
      'The usual hold must lie between the shortest and the longest',
    ],
    [
      'floor that is on',
      { ...fours, clearanceReason: null },
      'Floor positions and impact stay off until somebody is cleared for them',
    ],
    [
      'standing with nobody seated',
      { ...fours, seatedAlternative: null },
      'Without a seated form it needs a seated movement for the others',
    ],
    [
      'the seated form not first',
      { ...ball, positions: ['standing', 'chair'] },
      'The seated form comes first',
    ],
    ['one thing to say', { ...ball, cues: ['Squeeze'] }, 'Give two to four things to say'],
  ])('%s', (_, broken, sentence) => {
    expect(movementIssues(broken, CATALOGUE)).toContain(sentence);
  });

  test('a force line that falls, and a square edge', () => {
    const [prop] = PROPS as readonly [Prop];
    const falling: Prop = {
      ...prop,
      grades: [
        {
          name: 'odd',
          forceLine: [
            [0, 5],
            [0.5, 4],
          ],
        },
      ],
    };
    expect(propIssues(falling)).toEqual(['A force line rises with closure']);
    expect(propIssues({ ...prop, edge: 'square' })).toEqual(['Nothing square-edged on skin']);
  });
});

test('force lies on the line between its points and is level beyond them', () => {
  const grade = {
    name: 'x',
    forceLine: [
      [0.2, 10],
      [0.6, 30],
    ],
  } as const;
  expect([0, 0.2, 0.4, 0.6, 1].map((c) => forceAtN(grade, c))).toEqual([10, 10, 20, 30, 30]);
  expect(forceAtN({ name: 'putty', forceLine: null }, 0.5)).toBeNull();
});

test('every caution speaks of a known condition and of at least one movement', () => {
  for (const rule of CAUTIONS.rules) {
    if (!rule.condition.startsWith('any ')) expect(CONDITIONS.map((c) => c.id)).toContain(rule.condition);
    if (rule.verdict === 'adapt') expect(rule.how ?? rule.ask).toBeTruthy();
  }
  const silent = CAUTIONS.rules.filter(
    (rule) => !EXPOSURES.some((exposure) => rule.when.some((c) => clauseMatches(c, exposure))),
  );
  expect(silent.map((r) => r.id)).toEqual([ONLY_OWN.rule]);
});

test('every feature is met on some movement or rung, and every caution of it fires', () => {
  const met = new Set(EXPOSURES.flatMap((e) => [...e.features]));
  expect(TRAITS.filter((t) => !met.has(t))).toEqual([ONLY_OWN.feature]);
});

/** Nothing here holds a magnet; a movement of one's own may. */
const ONLY_OWN = { feature: 'magnet near the chest', rule: 'magnet' };

/** Every movement on each of its rungs, at its usual dose. */
const EXPOSURES = MOVEMENTS.flatMap((m) =>
  m.rungs.map((_, standsOn) => exposureOf({ ...m, standsOn }, m.dose, { catalogue: CATALOGUE })),
);

test('every condition has at least one caution of its own or counts in any flare', () => {
  const spoken = new Set(CAUTIONS.rules.map((r) => r.condition));
  expect(
    CONDITIONS.filter((c) => !spoken.has(c.id) && !['painful-today', 'hot-today'].includes(c.id)).map(
      (c) => c.id,
    ),
  ).toEqual([]);
});

test('every prop is used by a movement, be it in place of the usual one or beside it', () => {
  const used = new Set(MOVEMENTS.flatMap((m) => [m.propId, ...m.alsoWith, ...m.aids]));
  expect(PROPS.filter((p) => !used.has(p.id)).map((p) => p.id)).toEqual([]);
  for (const m of MOVEMENTS)
    expect([m.id, [...m.alsoWith, ...m.aids].includes(m.propId ?? '')]).toEqual([m.id, false]);
});

test('every dose starts in the lower third of its range', () => {
  const high = MOVEMENTS.filter(({ dose: { count, fewest, most } }) => {
    const usual = primaryCount(count);
    return usual < fewest || usual > Math.ceil(fewest + (most - fewest) / 3);
  });
  expect(high.map((m) => m.id)).toEqual([]);
});

describe('ladders', () => {
  const asksMuch = MOVEMENTS.filter((m) => RESISTED.has(m.effort) || m.effort === 'load');

  test('where an easier rung takes resistance or weight away, the gentlest is one that does', () => {
    const wrong = asksMuch.filter((m) => {
      const easier = m.rungs.slice(0, usualRungOf(m.rungs));
      const lightens = (changes: string | null) => changes === 'resistance';
      return easier.some((r) => lightens(r.changes)) && !lightens(easier[0]!.changes);
    });
    expect(wrong.map((m) => m.id)).toEqual([]);
  });

  test('no rung asks more than the one above it', () => {
    for (const m of MOVEMENTS) {
      const efforts = m.rungs.map(
        (_, standsOn) => exposureOf({ ...m, standsOn }, m.dose, { catalogue: CATALOGUE }).effortOf10,
      );
      expect([m.id, efforts]).toEqual([m.id, [...efforts].sort((a, b) => a - b)]);
    }
  });

  test('an effort that is said aloud is the effort of the row', () => {
    const NUMBERS = ['zero', 'one', 'two', 'three', 'four', 'five', 'six'];
    for (const m of MOVEMENTS)
      for (const cue of m.cues) {
        const said = /effort (\w+) of ten/i.exec(cue)?.[1];
        if (said) expect([m.id, NUMBERS.indexOf(said.toLowerCase())]).toEqual([m.id, m.effortOf10]);
      }
  });
});
