import fc from 'fast-check';
import { wrapRuns, type WrappedLine } from '@/core/paper/wrap';
import type { Run } from '@/core/paper/sheet';

/** Every letter half as wide as it is high, bold a little wider. */
const measure = (text: string, bold: boolean, size: number) => [...text].length * size * (bold ? 0.55 : 0.5);
const wrap = (runs: readonly Run[], width: number) => wrapRuns(runs, width, 10, measure);
const textOf = (lines: readonly WrappedLine[]) => lines.map((l) => l.map((s) => s.text));

test.each<[string, readonly Run[], number, string[][]]>([
  ['a line that fits stays one', [{ text: 'wrist bends' }], 60, [['wrist bends']]],
  ['a line breaks between words', [{ text: 'wrist bends up' }], 60, [['wrist bends'], ['up']]],
  ['tones stay apart', [{ text: 'Ansel B: ', tone: 'bold' }, { text: 'rest' }], 100, [['Ansel B:', 'rest']]],
  [
    'a full stop stays with its word',
    [{ text: 'Odile', tone: 'bold' }, { text: '. Pim' }],
    40,
    [['Odile', '.'], ['Pim']],
  ],
  ['a word wider than the line is broken', [{ text: 'abcdefghij' }], 20, [['abcd'], ['efgh'], ['ij']]],
  ['nothing is no line', [{ text: '  ' }], 50, []],
])('%s', (_, runs, width, expected) => {
  expect(textOf(wrap(runs, width))).toEqual(expected);
});

const runs = fc.array(
  fc.record({
    text: fc.string({ maxLength: 60 }),
    tone: fc.constantFrom<Run['tone']>(undefined, 'bold', 'soft'),
  }),
  { maxLength: 6 },
);

test('no letter is lost, none is added, and no line is wider than its room', () => {
  fc.assert(
    fc.property(runs, fc.integer({ min: 12, max: 200 }), (written, width) => {
      const lines = wrap(
        written.map(({ text, tone }) => ({ text, ...(tone && { tone }) })),
        width,
      );
      const bare = (s: string) => s.replace(/\s/g, '');
      expect(bare(textOf(lines).flat().join(''))).toBe(bare(written.map((r) => r.text).join('')));
      for (const line of lines)
        for (const s of line) expect(s.x + measure(s.text, s.tone === 'bold', 10)).toBeLessThan(width + 6);
    }),
  );
});

test('words of a line do not lie over each other', () => {
  fc.assert(
    fc.property(runs, (written) => {
      for (const line of wrap(
        written.map(({ text, tone }) => ({ text, ...(tone && { tone }) })),
        120,
      ))
        line.slice(1).forEach((span, i) => {
          const before = line[i]!;
          expect(span.x).toBeGreaterThanOrEqual(
            before.x + measure(before.text, before.tone === 'bold', 10) - 0.01,
          );
        });
    }),
  );
});
