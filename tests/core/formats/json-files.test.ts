import fc from 'fast-check';
import { Ajv2020 } from 'ajv/dist/2020';
import { z } from 'zod';
import { readJsonFile } from '@/core/formats/json-file';
import { PLAN_FILE, planFileSchema, unknownRows, type PlanFile } from '@/core/formats/plan-file';
import { TERM_FILE, termFileSchema, type TermFile } from '@/core/formats/term-file';
import { readKeeping, withUnknown } from '@/core/formats/unknown-fields';
import { CATALOGUE } from '@/catalogue/movements';
import { usualWeeks } from '@/core/term/term';
import { anyPlan } from '../arbitrary';
import { planWith } from '../plans';

const plan = planWith({ move: ['wrist-bend', 'open-close'], grip: ['ball-squeeze'] });
const file: PlanFile = { oskil: 'plan', version: 3, name: 'Hands', slotMinutes: 45, plan, movements: [] };
const read = (value: unknown) => readJsonFile(JSON.stringify(value), PLAN_FILE);
const message = (value: unknown): string => {
  const result = read(value);
  return result.ok ? '' : result.message;
};

test('a plan comes back as it was written, whatever plan', () => {
  fc.assert(
    fc.property(anyPlan, (any) => {
      const result = read({ ...file, plan: any });
      expect(result.ok && result.value.file.plan).toEqual(any);
    }),
    { numRuns: 40 },
  );
});

test('fields that are not known are kept, wherever they are, and written out again even when rows have moved', () => {
  const strange = structuredClone(file) as unknown as Record<string, unknown>;
  strange.colour = 'green';
  const sections = (strange.plan as { sections: { id: string; rows: Record<string, unknown>[] }[] }).sections;
  const move = sections.find((s) => s.id === 'move')!;
  move.rows[1]!.remark = { by: 'Pim' };
  (move.rows[0]!.dose as Record<string, unknown>).mood = 3;
  const result = read(strange);
  if (!result.ok) throw new Error(result.message);
  expect(result.value.file).toEqual(file);
  expect(result.value.unknown).toHaveLength(3);
  expect(withUnknown(result.value.file, result.value.unknown)).toEqual(strange);

  const moved = structuredClone(result.value.file);
  moved.plan.sections.find((s) => s.id === 'move')!.rows.reverse();
  const again = withUnknown(moved, result.value.unknown) as unknown as typeof strange;
  const rows = (again.plan as { sections: { id: string; rows: Record<string, unknown>[] }[] }).sections.find(
    (s) => s.id === 'move',
  )!.rows;
  expect(rows[0]).toMatchObject({ id: 'open-close', remark: { by: 'Pim' } });
});

test('a field whose owner is gone is dropped, and one that has come to be known wins', () => {
  const unknown = [
    { path: ['plan', 'sections', { id: 'gone' }], key: 'x', value: 1 },
    { path: [], key: 'name', value: 'old' },
  ];
  expect(withUnknown(file, unknown)).toEqual(file);
});

test('any fields put anywhere in any plan come back', () => {
  const name = fc.stringMatching(/^x-[a-z]{1,6}$/);
  fc.assert(
    fc.property(anyPlan, fc.dictionary(name, fc.jsonValue(), { maxKeys: 4 }), (any, extra) => {
      const strange = { ...any, sections: any.sections.map((s) => ({ ...s, ...extra })), ...extra };
      const result = read({ ...file, plan: strange });
      if (!result.ok) throw new Error(result.message);
      expect(result.value.file.plan).toEqual(any);
      expect(withUnknown(result.value.file, result.value.unknown).plan).toEqual(strange);
    }),
    { numRuns: 40 },
  );
});

test('a plan alone, as it was kept before there were files, is read as version 0', () => {
  const result = read(plan);
  expect(result).toMatchObject({ ok: true, value: { from: 0, file: { version: 3, plan } } });
});

test.each([
  [
    '{"oskil": "plan",\n "version": 1,\n oops}',
    /^This is not readable JSON \(line 3\)\. Nothing was read\.$/,
  ],
  ['[1, 2]', /^This file holds no object\.$/],
  ['', /^This is not readable JSON/],
  [JSON.stringify({ ...file, version: 7 }), /written by a newer Oskil \(version 7, this one knows 3\)/],
  [JSON.stringify({ ...file, version: 1.5 }), /not a whole number/],
  [JSON.stringify({ oskil: 'term', version: 1 }), /^This file holds a term, not a plan\.$/],
  [
    JSON.stringify({ ...file, slotMinutes: 5 }),
    /^A class is at least 10 minutes \(slotMinutes\)\. Nothing was read\.$/,
  ],
])('%j is refused with its reason', (text, words) => {
  const result = readJsonFile(text, PLAN_FILE);
  expect(result.ok ? '' : result.message).toMatch(words);
});

test('what is wrong deep inside is named with its place', () => {
  const wrong = structuredClone(file) as unknown as {
    plan: { sections: { rows: { dose?: { sets: number } }[] }[] };
  };
  wrong.plan.sections[2]!.rows[0]!.dose!.sets = 9;
  expect(message(wrong)).toBe(
    'Sets can be at most 6 (plan › sections › 3 › rows › 1 › dose › sets). Nothing was read.',
  );
});

test('rows of movements that nobody knows are named', () => {
  const strange = structuredClone(file);
  const row = strange.plan.sections[2]!.rows[0]!;
  if (row.kind === 'movement') Object.assign(row, { movementId: 'somersault' });
  const known = (id: string) => CATALOGUE.movement(id) !== undefined;
  expect(unknownRows(strange, known)).toEqual([{ rowId: 'wrist-bend', movementId: 'somersault' }]);
  expect(unknownRows(file, known)).toEqual([]);
});

const term: TermFile = {
  oskil: 'term',
  version: 3,
  series: { name: 'Hands', place: '', slotMinutes: 45 },
  term: {
    name: 'Spring',
    firstDay: '2026-11-11',
    weeks: [...usualWeeks(2)],
    days: [{ weekday: 3, startsAt: '10:30' }],
    holidays: [],
  },
  classes: [{ week: 1, day: '2026-11-11', startsAt: '10:30', plan }],
  movements: [],
};

test('a term comes back as it was written', () => {
  const result = readJsonFile(JSON.stringify(term), TERM_FILE);
  expect(result.ok && result.value.file).toEqual(term);
});

test.each([
  ['plan', planFileSchema, file],
  ['term', termFileSchema, term],
] as const)(
  'the published schema of a %s takes what is written and refuses what is not, by another validator',
  (_, schema, value) => {
    const published = z.toJSONSchema(schema, { io: 'input' });
    const validate = new Ajv2020({ strict: false }).compile(published);
    expect(validate(value)).toBe(true);
    expect(validate({ ...value, version: 'one' })).toBe(false);
    expect(validate({ ...value, plan: 1, classes: 1 })).toBe(false);
  },
);

test('reading never throws and never takes what is not a plan, whatever the text', () => {
  fc.assert(
    fc.property(
      fc.oneof(
        fc.string(),
        fc.json(),
        fc.jsonValue().map((v) => JSON.stringify({ oskil: 'plan', version: 3, plan: v })),
      ),
      (text) => {
        const result = readJsonFile(text, PLAN_FILE);
        if (result.ok) expect(planFileSchema.safeParse(result.value.file).success).toBe(true);
      },
    ),
    { numRuns: 300 },
  );
});

test('a strict value goes through unchanged', () => {
  expect(readKeeping({ a: 1 }, z.strictObject({ a: z.number() }))).toEqual({
    ok: true,
    value: { a: 1 },
    unknown: [],
  });
});
