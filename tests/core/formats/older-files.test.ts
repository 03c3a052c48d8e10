import { readFileSync } from 'node:fs';
import { CATALOGUE } from '@/catalogue/movements';
import { movementIssues } from '@/core/catalogue/invariants';
import { doseTiming, type Dose } from '@/core/dose';
import { readIncoming, type Incoming } from '@/core/formats/incoming';
import { placedRows, withPassNames, type Plan } from '@/core/plan';

type OlderDose = Dose & { readonly directions: 1 | 2; readonly leads: 1 | 2 };
type OlderPlan = { sections: { rows: { dose?: OlderDose }[] }[] };

const text = (name: string, version = 1): string =>
  readFileSync(`tests/core/formats/older/${name}-${version}.json`, 'utf8').replace(/^\uFEFF/, '');
const older = (name: string): unknown => JSON.parse(text(name));
const read = <K extends Incoming['kind']>(
  name: string,
  kind: K,
  version = 1,
): Extract<Incoming, { kind: K }> => {
  const result = readIncoming(text(name, version));
  if (!result.ok) throw new Error(result.message);
  if (result.value.kind !== kind) throw new Error(result.value.kind);
  return result.value as Extract<Incoming, { kind: K }>;
};

/** What a dose took when it had directions and leads: written out as it was worked out then. */
function lengthThen({ count, sides, directions, leads, sets, restMs, perSide, ...dose }: OlderDose): number {
  const usual = { reps: 0, hold: 0, breaths: 0, sequence: 0, time: 1 };
  const n =
    count.mode === 'reps'
      ? count.reps
      : count.mode === 'hold'
        ? count.holds
        : count.mode === 'breaths'
          ? count.breaths
          : count.mode === 'sequence'
            ? count.rounds
            : usual.time;
  const eachMs =
    count.mode === 'reps'
      ? count.tempoMs
      : count.mode === 'hold'
        ? count.holdMs + count.relaxMs
        : count.mode === 'breaths'
          ? 5_000
          : count.mode === 'sequence'
            ? count.steps.length * count.stepMs
            : count.timeMs;
  const inTurn = sides === 'each' ? 2 : 1;
  const perBout = sides === 'alternating' && perSide && count.mode !== 'time' ? 2 * n : n;
  const extra = count.mode === 'time' ? 0 : dose.extraLeft + dose.extraRight;
  const counted = sets * leads * directions * (sides === 'each' ? 2 * n + extra : perBout);
  const changes =
    sets * leads * (inTurn - 1) * 8_000 +
    sets * leads * inTurn * (directions - 1) * 3_000 +
    sets * (leads - 1) * 10_000 +
    (sets - 1) * (restMs + (sides === 'each' ? 8_000 : 0));
  return counted * eachMs + changes;
}

const plans = (): readonly (readonly [string, Plan, OlderPlan])[] => {
  const plan = read('class-plan', 'plan').file.plan;
  const term = read('term', 'term').file;
  const olderTerm = older('term') as { classes: { plan: OlderPlan }[] };
  return [
    ['a plan', plan, (older('class-plan') as { plan: OlderPlan }).plan],
    ...term.classes.map((c, i) => [`class ${i + 1} of a term`, c.plan, olderTerm.classes[i]!.plan] as const),
  ];
};

test.each(plans())(
  '%s of the older version keeps the length of each count to the second',
  (_, plan, then) => {
    const rows = placedRows(plan);
    const olderRows = then.sections.flatMap((s) => s.rows);
    const lengths = rows.flatMap(({ row }, i) =>
      row.kind === 'movement'
        ? [
            [
              row.movementId,
              doseTiming(row.dose, { breathMs: 5_000, slowFirst: false }).totalMs,
              lengthThen(olderRows[i]!.dose!),
            ] as const,
          ]
        : [],
    );
    expect(lengths.length).toBeGreaterThan(5);
    for (const [id, now, before] of lengths) expect([id, now]).toEqual([id, before]);
  },
);

test('the passes that they meant go by the names that each movement has for them', () => {
  const named = withPassNames(read('class-plan', 'plan').file.plan, CATALOGUE);
  const passesOf = (id: string) =>
    placedRows(named).flatMap(({ row }) =>
      row.kind === 'movement' && row.movementId === id ? [row.dose.passes.map((p) => p.name)] : [],
    );
  expect(passesOf('ball-squeeze')).toEqual([['palm down', 'palm up']]);
  expect(passesOf('wrist-circles-air').concat(passesOf('wrist-circles-table'))[0]).toEqual([
    'one way',
    'the other way',
  ]);
});

test('an own movement of the older version is whole, with the passes of its dose', () => {
  const { movement } = read('own-movement', 'movement').file;
  expect(movementIssues(movement, CATALOGUE)).toEqual([]);
  expect(movement.passes).toEqual(movement.dose.passes);
});

test('what a row and a movement called their fields in version 2 is read, and written by its present name', () => {
  expect(text('class-plan', 2)).toContain('"goesOn": true');
  const { file, unknown } = read('class-plan', 'plan', 2);
  const continuing = placedRows(file.plan).filter(
    ({ row }) => row.kind === 'movement' && row.continuesPrevious,
  );
  expect(continuing).toHaveLength(1);
  expect(unknown).toEqual([]);
  expect(JSON.stringify(file)).not.toContain('goesOn');
  const { movement } = read('own-movement', 'movement', 2).file;
  expect(Object.keys(movement)).toEqual(expect.arrayContaining(['seatedAlternative', 'clearanceReason']));
  expect(Object.keys(movement).filter((key) => ['seatedTwin', 'offUntil'].includes(key))).toEqual([]);
  expect(movementIssues(movement, CATALOGUE)).toEqual([]);
});
