import { clockDifference, clockText, nameList, plural, spokenLength, sentences } from '@/core/words';

test.each([
  [0, '0:00'],
  [59_499, '0:59'],
  [60_000, '1:00'],
  [3_661_000, '1:01:01'],
  [-5_000, '−0:05'],
])('%i ms reads %s', (ms, text) => expect(clockText(ms)).toBe(text));

test.each([
  [48_400, 39_600, '−0:08'],
  [48_000, 39_400, '−0:09'],
  [10_000, 21_000, '+0:11'],
  [10_400, 9_600, '0:00'],
])('from %i to %i ms is %s, as the two read', (from, to, text) =>
  expect(clockDifference(from, to)).toBe(text),
);

test.each([
  [3_000, 'about 5 seconds'],
  [42_000, 'about 40 seconds'],
  [60_000, 'about 1 minute'],
  [95_000, 'about a minute and a half'],
  [150_000, 'about 2 and a half minutes'],
])('%i ms is said %s', (ms, text) => expect(spokenLength(ms)).toBe(text));

test('names in a list', () => {
  expect(nameList([])).toBe('nobody');
  expect(nameList(['Bea'])).toBe('Bea');
  expect(nameList(['Bea', 'Iolo'])).toBe('Bea and Iolo');
  expect(nameList(['A', 'B', 'C', 'D', 'E'])).toBe('A, B and 3 more');
  expect(plural(1, 'person', 'people')).toBe('1 person');
});

test.each([
  [[], ''],
  [['Fingers wide'], 'Fingers wide.'],
  [['Only look', 'Is one hand warmer?'], 'Only look. Is one hand warmer?'],
  [['Done.', 'Again'], 'Done. Again.'],
])('%j as sentences', (lines, text) => {
  expect(sentences(lines)).toBe(text);
});
