import fc from 'fast-check';
import { dice } from '@/core/dice';
import { decodeText } from '@/core/formats/decode';
import { readIncoming } from '@/core/formats/incoming';
import { guessMapping, readPeopleFile, rowsToPeople } from '@/core/formats/people-csv';
import { CONDITIONS } from '@/catalogue/conditions';
import { cpuMs, runs, SEED } from '../../runs';
import { bytesOf, mutated, SEEDS } from './broken-files';

/** So many inputs in all; a reader that takes longer than this over one of them hangs, ms of its own. */
const INPUTS = runs(20_000);
const LONGEST_MS = 10_000;

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
  const roll = dice(SEED);
  const upTo = (n: number) => Math.floor(roll() * n);
  let slowest = 0;
  const seen = { read: 0, refused: 0 };
  for (let i = 0; i < INPUTS; i++) {
    const bytes = mutated(SEEDS[i % SEEDS.length]!, upTo);
    slowest = Math.max(
      slowest,
      cpuMs(() => (seen[readAll(bytes)] += 1)),
    );
  }
  expect(slowest).toBeLessThan(LONGEST_MS);
  // Some mutations leave a file whole and most do not: both ways were tried.
  expect(seen.read).toBeGreaterThan(INPUTS / 40);
  expect(seen.refused).toBeGreaterThan(INPUTS / 4);
});

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
  const took = cpuMs(() => expect(['read', 'refused']).toContain(readAll(bytesOf(text))));
  expect(took).toBeLessThan(LONGEST_MS);
  expect(({} as { x?: number }).x).toBeUndefined();
});
