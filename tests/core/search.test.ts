import { ALSO_CALLED } from '@/catalogue/also-called';
import { CATALOGUE } from '@/catalogue/movements';
import { findMovements } from '@/core/shelf/search';

const first = (query: string) => findMovements(CATALOGUE, query)[0]?.id;
const ids = (query: string) => findMovements(CATALOGUE, query).map((m) => m.id);

test('no words find everything in catalogue order', () => {
  expect(ids('')).toEqual(CATALOGUE.movements.map((m) => m.id));
  expect(ids('   ')).toHaveLength(CATALOGUE.movements.length);
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

test.each([
  ['prayer', 'palms-press'],
  ['tabletop', 'all-fours'],
  ['tendon glides', 'five-shapes'],
  ['ok sign', 'thumb-to-tips'],
  ['pronation', 'palms-turn'],
  ['ulnar deviation', 'wrist-side'],
  ['piano', 'air-play'],
  ['stress ball', 'ball-squeeze'],
  ['towel wring', 'cloth-wring'],
  ['dumbbell', 'weight-curl'],
  ['rubber bands', 'band-spread'],
  ['spider', 'press-part-spread'],
  ['push up', 'wall-lean'],
  ['thumbs up', 'thumb-out-across'],
  ['door handle', 'palms-turn'],
  ['reverse prayer', 'backs-together'],
  ['marching', 'seated-march'],
])('by what people call it: "%s" finds %s', (query, id) => expect(ids(query)).toContain(id));

test('what people call movements is said of movements that there are, and repeats no name', () => {
  for (const [id, called] of Object.entries(ALSO_CALLED)) {
    const name = CATALOGUE.movement(id)?.name.toLowerCase();
    expect([id, name !== undefined]).toEqual([id, true]);
    expect([id, called, called === called.toLowerCase() && !called.includes(name!)]).toEqual([
      id,
      called,
      true,
    ]);
  }
});

test.each([
  ['make a fist', 'alternate-fists'],
  ['push ups', 'wall-lean'],
  ['wrist rolls', 'wrist-circles-air'],
  ['the prayer stretch', 'palms-lowered'],
  ['zip', 'thumb-to-tips'],
  ['scissors', 'ring-squeeze'],
  ['pass the ball', 'pass-to-music'],
  ['watering can', 'pan-lift'],
])('small words and a plural do not hide it: "%s" finds %s', (query, id) => expect(ids(query)).toContain(id));

test('a short word is not read as another one', () => {
  expect(ids('sand')).toEqual([]);
  expect(ids('rice')).toEqual([]);
});

test('props and joints are words too', () => {
  expect(ids('foam')).toContain('ball-squeeze');
  expect(ids('forearm')).toContain('palms-turn');
});

test('a movement is found by what a house has instead of its prop', () => {
  expect(ids('towel')).toContain('cloth-wring');
});
