import { parse } from 'csv-parse/sync';
import fc from 'fast-check';
import { readMarks, writeMarks, type MarkLine } from '@/core/formats/marks-csv';
import { readMeasures, writeMeasures } from '@/core/formats/measures-csv';
import { readRegister, writeRegister, type RegisterLine } from '@/core/formats/register-csv';
import { MARKS } from '@/core/teach/marks';

/** Text as it comes out of a form: trimmed, on one line or more, with all that a spreadsheet may trip over. */
const words = (most: number) =>
  fc
    .string({ unit: fc.constantFrom(...'abcé ,;"\'=+-@\n\t'.split('')), maxLength: most })
    .map((s) => s.trim());
const score = fc.option(fc.integer({ min: 0, max: 10 }));
const day = fc.constantFrom('2026-11-11', '2026-02-28');
const name = words(12).filter((s) => s !== '');

const registerLine: fc.Arbitrary<RegisterLine> = fc.record({
  day,
  className: name,
  firstName: name,
  initial: fc.constantFrom('', 'B'),
  came: fc.constantFrom('yes', 'no'),
  painBeforeLeft: score,
  painBeforeRight: score,
  painAfterLeft: score,
  painAfterRight: score,
  effort: score,
  enjoyed: score,
  adapted: words(30),
  notes: words(30),
});

const rowsOf = <T>(read: ReturnType<typeof readRegister> | ReturnType<typeof readMarks>): T[] => {
  if (!read.ok) throw new Error(read.message);
  return (read.value as readonly { row: T | null; problems: readonly string[] }[]).map((l) => {
    if (l.problems.length > 0) throw new Error(l.problems.join('; '));
    return l.row!;
  });
};

test('a register comes back as it was written, whatever is in its cells', () => {
  fc.assert(
    fc.property(fc.array(registerLine, { minLength: 1, maxLength: 8 }), (lines) => {
      expect(rowsOf<RegisterLine>(readRegister(writeRegister(lines)))).toEqual(lines);
    }),
  );
});

test('marks come back as they were written', () => {
  const line: fc.Arbitrary<MarkLine> = fc.record({
    day,
    className: name,
    firstName: name,
    initial: fc.constantFrom('', 'B'),
    row: words(30),
    mark: fc.constantFrom(...MARKS),
    hand: fc.constantFrom('L', 'R', null),
    atSeconds: fc.integer({ min: 0, max: 7_200 }),
  });
  fc.assert(
    fc.property(fc.array(line, { minLength: 1, maxLength: 8 }), (lines) => {
      expect(rowsOf<MarkLine>(readMarks(writeMarks(lines)))).toEqual(lines);
    }),
  );
});

test('marks of before they had a hand are read, and a hand that is none is told', () => {
  const older =
    'day,class,first name,initial,row,mark,at second\n2026-11-04,Slow,Ada,B,Ball squeeze,sore,30\n';
  expect(rowsOf<MarkLine>(readMarks(older))).toMatchObject([{ hand: null, mark: 'sore' }]);
  const wrong = older.replace('mark,at', 'mark,hand,at').replace('sore,', 'sore,both,');
  expect(readMarks(wrong)).toMatchObject({
    value: [{ row: null, problems: ['hand: left, right or nothing'] }],
  });
});

const people = [
  {
    firstName: 'Ansel',
    initial: 'B',
    measures: [
      { kind: 'grip', hand: 'L', value: 30.4, on: '2026-11-11' },
      { kind: 'task ease', hand: 'both', value: 3, on: '2026-11-11' },
      { kind: 'press', hand: 'R', value: 9, on: '2026-11-12', simulated: 'own' },
      {
        kind: 'press',
        hand: 'L',
        value: 9,
        on: '2026-11-13',
        instrument: { name: 'Scale, small', step: 0.1 },
      },
    ],
  },
] as const;

test('measures come back with their person, hand, unit and day', () => {
  const read = readMeasures(writeMeasures(people));
  expect(read.ok && read.value.map((l) => l.row)).toEqual([
    { firstName: 'Ansel', initial: 'B', unit: 'kg', ...people[0].measures[0] },
    { firstName: 'Ansel', initial: 'B', unit: 'of 10', ...people[0].measures[1] },
    { firstName: 'Ansel', initial: 'B', unit: 'kg', ...people[0].measures[2] },
    { firstName: 'Ansel', initial: 'B', unit: 'kg', ...people[0].measures[3] },
  ]);
  const older = readMeasures(measure('Ansel,B,2026-11-11,grip,left,20,kg'));
  expect(older).toMatchObject({ value: [{ problems: [], row: { value: 20 } }] });
});

const HEADS = 'first name,initial,day,measure,hand,value,unit';
const measure = (cells: string) =>
  `${HEADS}${',simulated,instrument'.repeat(Number(cells.split(',').length > 7))}\r\n${cells}\r\n`;
test.each([
  ['Ansel,B,11.11.2026,grip,left,20,kg', 'day: write the date as year-month-day'],
  ['Ansel,B,2026-11-11,height,left,20,kg', /^measure: one of grip, press/],
  ['Ansel,B,2026-11-11,grip,middle,20,kg', 'hand: one of left, right, both'],
  ['Ansel,B,2026-11-11,grip,left,strong,kg', 'value: a number from 0 to 600'],
  ['Ansel,B,2026-11-11,grip,left,44,lb', 'unit: grip is in kg'],
  ['Ansel,B,2026-11-11,opposition,left,12,of 10', 'That is more than a hand can do'],
  ['Ansel,B,2026-11-11,task ease,left,5,of 10', 'Say which hand'],
  ['Ansel,B,2026-11-11,grip,left,20,kg,maybe', 'simulated: one of own data, demo'],
  ['Ansel,B,2026-11-11,grip,left,20,kg,,A meter', /^instrument: write its name and step/],
])('%s: %s', (cells, problem) => {
  const read = readMeasures(measure(cells));
  if (!read.ok) throw new Error(read.message);
  const [line] = read.value;
  expect(line).toMatchObject({ line: 2, row: null });
  expect(line!.problems[0]).toMatch(problem);
});

test.each([
  ['bend', 'flexion'],
  ['bend back', 'extension'],
  ['toward the thumb', 'radial'],
  ['toward the little finger', 'ulnar'],
])('a file of an earlier version says %s for %s', (word, kind) => {
  const read = readMeasures(measure(`Ansel,B,2026-11-11,${word},left,20,degrees`));
  expect(read.ok && read.value[0]!.row).toMatchObject({ kind, value: 20 });
});

test('a column that is missing is named on each line, and columns may come in any order', () => {
  const read = readMeasures(
    'value,first name,initial,day,hand,measure,unit\n20,Ansel,B,2026-11-11,left,grip,kg\n',
  );
  expect(read.ok && read.value[0]!.row).toMatchObject({ value: 20, kind: 'grip' });
  const short = readMeasures('first name,initial\nAnsel,B\n');
  expect(short.ok && short.value[0]!.problems).toContain('value: There is no column “value”');
});

test('another reader finds the same cells, and no cell runs as a formula', () => {
  const line: RegisterLine = {
    day: '2026-11-11',
    className: 'Hands, slow',
    firstName: '=1+1',
    initial: '',
    came: 'yes',
    painBeforeLeft: 2,
    painBeforeRight: null,
    painAfterLeft: 2,
    painAfterRight: 0,
    effort: 3,
    enjoyed: null,
    adapted: 'said "no"\nthen yes',
    notes: '',
  };
  const [cells] = parse(writeRegister([line]), { columns: true }) as Record<string, string>[];
  expect(cells).toMatchObject({
    class: 'Hands, slow',
    'first name': "'=1+1",
    'pain before, left': '2',
    'pain before, right': '',
    adapted: 'said "no"\nthen yes',
  });
});
