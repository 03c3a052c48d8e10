import { MOVEMENTS } from '@/catalogue/movements';
import { findMovements } from '@/core/shelf/search';

const first = (query: string) => findMovements(MOVEMENTS, query)[0]?.id;
const ids = (query: string) => findMovements(MOVEMENTS, query).map((m) => m.id);

test('no words find everything in catalogue order', () => {
  expect(ids('')).toEqual(MOVEMENTS.map((m) => m.id));
  expect(ids('   ')).toHaveLength(MOVEMENTS.length);
});

test.each([
  ['ball squeeze', 'ball-squeeze'],
  ['squeeze ball', 'ball-squeeze'],
  ['BALL', 'ball-squeeze'],
  ['glide', 'five-shapes'],
  ['thumb web', 'web-stretch'],
  ['five-shape tendon', 'five-shapes'],
])('"%s" finds %s first', (query, id) => expect(first(query)).toBe(id));

test.each([
  ['sqeeze', 'one letter missing'],
  ['squeexe', 'one letter wrong'],
  ['squueze', 'one letter wrong'],
  ['sqeueze', 'two letters swapped'],
  ['squeeeze', 'one letter extra'],
])('"%s" still finds the squeezes: %s', (query) => {
  expect(ids(query)).toEqual(expect.arrayContaining(['ball-squeeze', 'ring-squeeze']));
});

test('every word counts, and nonsense finds nothing', () => {
  expect(ids('ball zzzz')).toEqual([]);
  expect(ids('qqqqqq')).toEqual([]);
});

test('props and joints are words too', () => {
  expect(ids('foam')).toContain('ball-squeeze');
  expect(ids('forearm')).toContain('palms-turn');
});
