import { readFileSync } from 'node:fs';
import fc from 'fast-check';
import { dice } from '@/core/dice';
import { decodeText } from '@/core/formats/decode';
import { readIncoming } from '@/core/formats/incoming';
import { guessMapping, readPeopleFile, rowsToPeople } from '@/core/formats/people-csv';
import { CONDITIONS } from '@/catalogue/conditions';
import type { PlanFile } from '@/core/formats/plan-file';
import type { TermFile } from '@/core/formats/term-file';

/** So many inputs in all; a reader that takes longer than this over one of them hangs. */
const INPUTS = 20_000;
const LONGEST_MS = 1_000;

const bytesOf = (text: string): Uint8Array => new TextEncoder().encode(text);
const example = (name: string): string => readFileSync(`examples/${name}`, 'utf8');

/** Real files, cut down so that many of them can be read: each as it would be brought. */
const SEEDS: readonly Uint8Array[] = [
  bytesOf(JSON.stringify(shortPlan())),
  bytesOf(JSON.stringify(shortTerm())),
  bytesOf(example('own-movement.json')),
  ...['people.csv', 'measures.csv', 'register.csv', 'marks.csv', 'calendar.ics', 'count.vtt'].map((name) =>
    bytesOf(example(name).slice(0, 800)),
  ),
];

function shortPlan(): PlanFile {
  const file = JSON.parse(example('class-plan.json')) as PlanFile;
  const sections = file.plan.sections.slice(2, 3).map((s) => ({ ...s, rows: s.rows.slice(0, 2) }));
  return { ...file, plan: { ...file.plan, sections } };
}
function shortTerm(): TermFile {
  const file = JSON.parse(example('term.json')) as TermFile;
  const plan = shortPlan().plan;
  return { ...file, classes: file.classes.slice(0, 1).map((c) => ({ ...c, plan })), movements: [] };
}

/** Everything that happens to a file before it is accepted. Throws only if a reader does. */
function readAll(bytes: Uint8Array): 'read' | 'refused' {
  const decoded = decodeText(bytes);
  if (!decoded.ok) return 'refused';
  const { text } = decoded.value;
  const people = readPeopleFile(text);
  if (people.ok) void rowsToPeople(people.value, guessMapping(people.value.heads), CONDITIONS);
  const read = readIncoming(text);
  if (read.ok) return 'read';
  // A refusal is a sentence, not a trace.
  if (!/[.!]$/.test(read.message) || read.message.length > 2_000)
    throw new Error(`Not a sentence: ${read.message}`);
  return 'refused';
}

test(`${INPUTS} broken files: none crashes a reader, none holds it up`, () => {
  const roll = dice(20261126);
  const upTo = (n: number) => Math.floor(roll() * n);
  let slowest = 0;
  const seen = { read: 0, refused: 0 };
  for (let i = 0; i < INPUTS; i++) {
    const bytes = mutated(SEEDS[i % SEEDS.length]!, upTo);
    const start = performance.now();
    seen[readAll(bytes)] += 1;
    slowest = Math.max(slowest, performance.now() - start);
  }
  expect(slowest).toBeLessThan(LONGEST_MS);
  // Some mutations leave a file whole and most do not: both ways were tried.
  expect(seen.read).toBeGreaterThan(500);
  expect(seen.refused).toBeGreaterThan(5_000);
}, 300_000);

const STRANGE = [
  '\u0000',
  '\uFEFF',
  '"',
  '{',
  '}',
  '[',
  ']',
  ',',
  '\n',
  '\r',
  '-->',
  '1e999',
  '-0',
  'null',
  '__proto__',
  '=cmd()',
  '💥',
];

/** One to four changes: a byte turned, a stretch cut, doubled or put elsewhere, something strange put in, the end lost. */
function mutated(seed: Uint8Array, upTo: (n: number) => number): Uint8Array {
  let bytes = [...seed];
  for (let n = 1 + upTo(4); n > 0; n--) {
    const at = upTo(bytes.length);
    const length = upTo(Math.min(60, bytes.length - at));
    const stretch = bytes.slice(at, at + length);
    switch (upTo(6)) {
      case 0:
        bytes[at] = upTo(256);
        break;
      case 1:
        bytes.splice(at, length);
        break;
      case 2:
        bytes.splice(at, 0, ...stretch);
        break;
      case 3:
        bytes.splice(upTo(bytes.length), 0, ...stretch);
        break;
      case 4:
        bytes.splice(at, 0, ...bytesOf(STRANGE[upTo(STRANGE.length)]!));
        break;
      default:
        bytes = upTo(8) === 0 ? bytes.slice(0, at) : bytes;
    }
  }
  return Uint8Array.from(bytes);
}

test('any bytes at all are read or refused', () => {
  fc.assert(
    fc.property(fc.uint8Array({ maxLength: 400 }), (bytes) => {
      expect(['read', 'refused']).toContain(readAll(bytes));
    }),
    { numRuns: 1_000 },
  );
});

test.each([
  ['very deep', '['.repeat(50_000)],
  ['deep inside a plan', `{"oskil":"plan","version":1,"plan":${'{"a":'.repeat(5_000)}1${'}'.repeat(5_000)}}`],
  ['one very long line', `first name,initial\n${'x'.repeat(500_000)},B`],
  ['very many columns', `${'first name,'.repeat(5_000)}\n${'a,'.repeat(5_000)}`],
  ['quotes that never close', `first name\n"${'a\n'.repeat(50_000)}`],
  ['a name of the language itself', '{"oskil":"plan","version":1,"__proto__":{"x":1},"constructor":1}'],
])('%s', (_, text) => {
  const start = performance.now();
  expect(['read', 'refused']).toContain(readAll(bytesOf(text)));
  expect(performance.now() - start).toBeLessThan(LONGEST_MS);
  expect(({} as { x?: number }).x).toBeUndefined();
});
