import { readFileSync } from 'node:fs';
import fc from 'fast-check';
import { laySheet, type LaidSheet } from '@/core/paper/lay-sheet';
import type { Stroke, Tag, WordMark } from '@/core/paper/marks';
import { paginate } from '@/core/paper/paginate';
import { PAGE_MARGIN_MM, PAPER_SIZES, PAPERS } from '@/core/paper/paper-size';
import { registerSheet } from '@/core/paper/register-sheet';
import { bold, paragraph, words, type SheetBlock, type Sheet } from '@/core/paper/sheet';
import { gap, type Strip } from '@/core/paper/strips';
import { person } from '../people';
import { runs } from '../../runs';

const measure = (text: string, isBold: boolean, size: number) =>
  [...text].length * size * (isBold ? 0.55 : 0.5);
const sheet = (blocks: readonly SheetBlock[], rest: Partial<Sheet> = {}): Sheet => ({
  title: 'Wednesday Hands',
  line: 'Week 4',
  blocks,
  print: 'normal',
  sides: null,
  ...rest,
});
const isWord = (m: Stroke): m is WordMark => m.kind === 'word';
const wordsOf = ({ pages }: LaidSheet): string =>
  pages
    .flat()
    .filter(isWord)
    .filter((m) => m.tag !== null)
    .map((m) => m.text)
    .join(' ');

const text = fc.lorem({ maxCount: 40 }).map((t) => words(t));
const cell = fc.array(text, { maxLength: 3 });
const table = fc.array(fc.tuple(cell, cell), { maxLength: 30 }).map((rows): SheetBlock => ({
  kind: 'table',
  name: 'Rows',
  columns: [
    { head: 'One', share: 1 },
    { head: 'Two', share: 3 },
  ],
  nameColumn: 0,
  groups: [{ name: 'Group', rows }],
}));
const block = fc.oneof(
  text,
  table,
  fc.lorem({ maxCount: 4 }).map((t): SheetBlock => ({ kind: 'heading', text: t })),
  fc
    .array(fc.lorem({ maxCount: 30 }), { maxLength: 12 })
    .map((items): SheetBlock => ({ kind: 'list', items })),
);
const sheets = fc
  .tuple(fc.array(block, { maxLength: 10 }), fc.constantFrom<Sheet['print']>('small', 'normal', 'large'))
  .map(([blocks, print]) => sheet(blocks, { print }));

test('whatever is on a sheet, every word of it is on paper, inside the margins', () => {
  fc.assert(
    fc.property(sheets, fc.constantFrom(...PAPERS), (given, paper) => {
      const laid = laySheet(given, paper, measure);
      const [width, height] = PAPER_SIZES[paper];
      const said = wordsOf(laid);
      const bare = (s: string) => s.replace(/\s/g, '');
      for (const b of given.blocks) {
        if (b.kind === 'heading') expect(bare(said)).toContain(bare(b.text));
        if (b.kind === 'text') expect(bare(said)).toContain(bare(b.runs[0]!.text));
        if (b.kind === 'table')
          for (const t of b.groups[0]!.rows.flat(2))
            if (t.kind === 'text')
              for (const word of t.runs[0]!.text.split(' ')) expect(said).toContain(word);
      }
      for (const m of laid.pages.flat().filter(isWord)) {
        expect(m.x).toBeGreaterThanOrEqual(28);
        expect(m.x + measure(m.text, m.bold, m.size)).toBeLessThanOrEqual(width - 20);
        expect(m.y).toBeGreaterThanOrEqual(28);
        expect(m.y).toBeLessThanOrEqual(height - 20);
      }
    }),
    { numRuns: runs(200, 0.15) },
  );
});

test('a reader that speaks it is told each word once: every mark that is read hangs in the tree of tags', () => {
  fc.assert(
    fc.property(sheets, (given) => {
      const laid = laySheet(given, 'A4', measure);
      const all = new Set<Tag>();
      const walk = (tag: Tag) => {
        expect(all.has(tag)).toBe(false);
        all.add(tag);
        tag.children.forEach(walk);
      };
      walk(laid.tag);
      for (const m of laid.pages.flat()) if (m.tag) expect(all.has(m.tag)).toBe(true);
    }),
    { numRuns: runs(200, 0.1) },
  );
});

test('the print shrinks to keep to its sides, no further than can be read, and no more than it has to', () => {
  const of = (n: number) =>
    laySheet(
      sheet(
        Array.from({ length: n }, (_, i) =>
          words(`${i} lift the hand and let it sink again, slowly, a few times, as far as it goes`),
        ),
        { print: 'small', sides: 2 },
      ),
      'A4',
      measure,
    );
  expect(of(10)).toMatchObject({ size: 11 });
  const many = of(110);
  expect(many.pages.length).toBe(2);
  expect(many.size).toBeLessThan(11);
  const tooMany = of(900);
  expect(tooMany.size).toBe(7.5);
  expect(tooMany.pages.length).toBeGreaterThan(2);
});

test('a register has a line for each person and some to spare, and is one side for fifteen', () => {
  const people = Array.from({ length: 15 }, (_, i) => person({ id: `p${i}`, firstName: `Person${i}` }));
  for (const paper of PAPERS) {
    const laid = laySheet(sheet(registerSheet(people, ['Odile']), { sides: 1 }), paper, measure);
    expect(laid.pages.length).toBe(1);
    for (const p of people) expect(wordsOf(laid)).toContain(p.firstName);
  }
});

const strip = (name: string, height: number, rest: Partial<Strip> = {}): Strip => ({
  height,
  marks: [{ kind: 'word', tag: null, x: 0, y: 0, text: name, size: 10, bold: false, colour: '#000000' }],
  ...rest,
});
const namesOn = (pages: readonly (readonly Stroke[])[]) =>
  pages.map((p) => p.filter(isWord).map((m) => m.text));

test.each<[string, readonly Strip[], string[][]]>([
  ['strips fill a page and go on', [strip('a', 60), strip('b', 30), strip('c', 30)], [['a', 'b'], ['c']]],
  [
    'a heading goes over with what follows it',
    [strip('a', 60), strip('head', 20, { withNext: true }), strip('b', 30)],
    [['a'], ['head', 'b']],
  ],
  ['a gap at the head of a page takes no room', [strip('a', 90), gap(20), strip('b', 100)], [['a'], ['b']]],
  [
    'what is higher than a page is split',
    [
      strip('tall', 150, {
        split: (room) => [strip('tall 1', room), strip('tall 2', 150 - room)],
      }),
      strip('b', 40),
    ],
    [['tall 1'], ['tall 2', 'b']],
  ],
  ['nothing is one empty page', [], [[]]],
])('%s', (_, strips, expected) => {
  expect(namesOn(paginate(strips, 100))).toEqual(expected);
});

test('a row higher than a page goes on on the next, with all its words', () => {
  const long = Array.from({ length: 400 }, (_, i) => `word${i}`).join(' ');
  const laid = laySheet(
    sheet(
      [
        {
          kind: 'table',
          name: 'One row',
          columns: [
            { head: null, share: 1 },
            { head: null, share: 1 },
          ],
          nameColumn: 0,
          groups: [
            { name: null, rows: [[[paragraph(bold('Row'))], Array.from({ length: 4 }, () => words(long))]] },
          ],
        },
      ],
      { print: 'large' },
    ),
    'Letter',
    measure,
  );
  expect(laid.pages.length).toBeGreaterThan(1);
  for (let i = 0; i < 400; i++)
    expect(wordsOf(laid).match(new RegExp(`\\bword${i}\\b`, 'g'))).toHaveLength(4);
});

test('what a browser prints has the same margin', () => {
  const [, margin] = /@page \{\s*margin: (\d+)mm;/.exec(readFileSync('src/app/globals.css', 'utf8'))!;
  expect(Number(margin)).toBe(PAGE_MARGIN_MM);
});
