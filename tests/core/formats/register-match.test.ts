import { readRegister, writeRegister, type RegisterLine } from '@/core/formats/register-csv';
import { matchRegister, type TaughtRoll } from '@/core/formats/register-match';
import { person } from '../people';

const [ansel, bashir] = [
  person({ id: 'a', firstName: 'Ansel', initial: 'B' }),
  person({ id: 'b', firstName: 'Bashir', initial: 'K' }),
];
const ROLLS: readonly TaughtRoll[] = [
  { id: 'wed', day: '2026-11-18', name: 'Wednesday Hands', personIds: ['a', 'b'] },
  { id: 'fri', day: '2026-11-20', name: 'Friday Slow Hands', personIds: ['b'] },
];
const line = (rest: Partial<RegisterLine>): RegisterLine => ({
  day: '2026-11-18',
  className: 'Wednesday Hands',
  firstName: 'Ansel',
  initial: 'B',
  came: 'yes',
  painBeforeLeft: null,
  painBeforeRight: null,
  painAfterLeft: null,
  painAfterRight: null,
  effort: 4,
  enjoyed: null,
  adapted: '',
  notes: '',
  ...rest,
});
const match = (...lines: readonly RegisterLine[]) => {
  const read = readRegister(writeRegister(lines));
  if (!read.ok) throw new Error(read.message);
  return matchRegister(read.value, ROLLS, [ansel!, bashir!]);
};

test.each<[string, Partial<RegisterLine>, string | null]>([
  ['a line of a class and of somebody in it', {}, null],
  ['capital letters do not matter', { className: 'wednesday hands', firstName: 'ANSEL' }, null],
  ['another day', { day: '2026-11-19' }, 'no class of this name was taught on that day'],
  [
    'another class of that day',
    { className: 'Friday Slow Hands' },
    'no class of this name was taught on that day',
  ],
  ['a stranger', { firstName: 'Zoe' }, 'nobody of this name is on the list'],
  [
    'somebody of another class',
    { day: '2026-11-20', className: 'Friday Slow Hands' },
    'was not in that class',
  ],
])('%s', (_, rest, problem) => {
  const [matched] = match(line(rest));
  if (problem === null) expect(matched).toMatchObject({ classId: 'wed', personId: 'a', problems: [] });
  else expect(matched).toMatchObject({ classId: null, personId: null, problems: [problem] });
});

test('the second line of the same person in the same class is not kept', () => {
  const matched = match(line({}), line({ effort: 9 }), line({ firstName: 'Bashir', initial: 'K' }));
  expect(matched.map((m) => m.problems)).toEqual([[], ['is in this file already'], []]);
});

test('what is wrong in a cell is told with its line, as the reader found it', () => {
  const read = readRegister(writeRegister([line({})]).replace('"4"', '"eleven"'));
  if (!read.ok) throw new Error(read.message);
  const [matched] = matchRegister(read.value, ROLLS, [ansel!]);
  expect(matched).toMatchObject({ line: 2, row: null, classId: null });
  expect(matched!.problems[0]).toMatch(/^effort: /);
});
