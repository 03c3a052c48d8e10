import { CAUTIONS } from '@/catalogue/cautions';
import { CONDITIONS } from '@/catalogue/conditions';
import { CATALOGUE, MOVEMENTS } from '@/catalogue/movements';
import { PROPS } from '@/catalogue/props';
import { JOINTS, SECTION_KINDS, TRAITS } from '@/core/catalogue/movement';
import { doseSchema, primaryCount } from '@/core/dose/dose';
import { clauseMatches } from '@/core/screening/rule';

const unique = (ids: readonly string[]) => expect(new Set(ids).size).toBe(ids.length);

test('at least 24 movements, at home in every section, in every count mode, on every kind of side', () => {
  expect(MOVEMENTS.length).toBeGreaterThanOrEqual(24);
  expect(new Set(MOVEMENTS.map((m) => m.section))).toEqual(new Set(SECTION_KINDS));
  expect(new Set(MOVEMENTS.map((m) => m.dose.count.mode))).toEqual(
    new Set(['reps', 'hold', 'breaths', 'time', 'sequence']),
  );
  const sides = new Set(MOVEMENTS.map((m) => m.dose.sides));
  for (const kind of ['both', 'each', 'alternating'] as const) expect(sides).toContain(kind);
});

test('ids are unique', () => {
  unique(MOVEMENTS.map((m) => m.id));
  unique(MOVEMENTS.map((m) => m.name));
  unique(PROPS.map((p) => p.id));
  unique(CONDITIONS.map((c) => c.id));
  unique(CAUTIONS.rules.map((r) => r.id));
});

test.each(MOVEMENTS.map((m) => [m.id, m] as const))('%s is whole', (_, m) => {
  expect(doseSchema.safeParse(m.dose).success).toBe(true);
  expect(m.dose.fewest).toBeLessThanOrEqual(primaryCount(m.dose.count));
  expect(m.dose.most).toBeGreaterThanOrEqual(primaryCount(m.dose.count));
  expect([m.dose.directions, m.dose.leads]).toEqual([m.directions, m.leads]);
  expect(m.joints.every((j) => JOINTS.includes(j)) && m.joints.length > 0).toBe(true);
  expect(m.traits.every((t) => TRAITS.includes(t))).toBe(true);
  expect(m.cues.length).toBeGreaterThanOrEqual(1);
  expect(m.watch.length).toBeGreaterThanOrEqual(1);
  expect(m.what && m.noProp).toBeTruthy();
  if (m.propId) expect(CATALOGUE.prop(m.propId)).toBeDefined();
});

test('every caution speaks of a known condition and of at least one movement', () => {
  for (const rule of CAUTIONS.rules) {
    if (rule.condition !== 'any hand') expect(CONDITIONS.map((c) => c.id)).toContain(rule.condition);
    if (rule.verdict === 'adapt') expect(rule.how).toBeTruthy();
  }
  // Traits that only movements still to come will have.
  const waiting = new Set(['ia-knuckles', 'bone-bend', 'ring', 'thumb-pinch', 'pressure-long']);
  const silent = CAUTIONS.rules.filter(
    (rule) =>
      !waiting.has(rule.id) &&
      !MOVEMENTS.some((m) =>
        rule.when.some((c) => clauseMatches(c, m, m.dose, CATALOGUE.prop(m.propId ?? '')?.latex ?? false)),
      ),
  );
  expect(silent.map((r) => r.id)).toEqual([]);
});

test('every condition has at least one caution of its own or counts in any flare', () => {
  const spoken = new Set(CAUTIONS.rules.map((r) => r.condition));
  expect(CONDITIONS.filter((c) => !spoken.has(c.id)).map((c) => c.id)).toEqual([]);
});
