import { readFileSync, readdirSync } from 'node:fs';
import { z } from 'zod';
import { readIncoming } from '@/core/formats/incoming';
import { MOVEMENT_FILE } from '@/core/formats/movement-file';
import { PLAN_FILE } from '@/core/formats/plan-file';
import { readMarks } from '@/core/formats/marks-csv';
import { readRegister } from '@/core/formats/register-csv';
import { TERM_FILE } from '@/core/formats/term-file';

const example = (name: string): string => readFileSync(`examples/${name}`, 'utf8').replace(/^\uFEFF/, '');

test.each([PLAN_FILE, TERM_FILE, MOVEMENT_FILE])(
  'the published schema of a $oskil is that of the source',
  (kind) => {
    const path = `docs/schemas/${kind.oskil}-${kind.version}.schema.json`;
    const published: unknown = JSON.parse(readFileSync(path, 'utf8'));
    expect(published).toEqual(JSON.parse(JSON.stringify(z.toJSONSchema(kind.schema, { io: 'input' }))));
  },
);

test.each([
  ['class-plan.json', 'plan'],
  ['own-movement.json', 'movement'],
  ['term.json', 'term'],
  ['people.csv', 'people'],
  ['measures.csv', 'measures'],
])('the example %s is read as %s with nothing wrong', (name, kind) => {
  const read = readIncoming(example(name));
  if (!read.ok) throw new Error(read.message);
  expect(read.value.kind).toBe(kind);
  if (read.value.kind === 'measures') expect(read.value.lines.flatMap((l) => l.problems)).toEqual([]);
});

test('the example register and marks are read with nothing wrong', () => {
  for (const read of [readRegister(example('register.csv')), readMarks(example('marks.csv'))]) {
    if (!read.ok) throw new Error(read.message);
    expect(read.value.length).toBeGreaterThan(10);
    expect(read.value.flatMap((l: { readonly problems: readonly string[] }) => l.problems)).toEqual([]);
  }
});

test('there is an example of each format, and each is described', () => {
  const described = readFileSync('docs/formats.md', 'utf8');
  for (const name of readdirSync('examples')) expect(described).toContain(`examples/${name}`);
});
