import { actionOfKey, TEACH_KEYS } from '@/app/classes/[id]/teach/teach-key-table';

test('no key does two things, and no action stands twice', () => {
  const keys = TEACH_KEYS.flatMap((k) => k.keys);
  expect(new Set(keys).size).toBe(keys.length);
  expect(new Set(TEACH_KEYS.map((k) => k.action)).size).toBe(TEACH_KEYS.length);
});

test.each([
  [' ', 'goOrPause'],
  ['PageDown', 'next'],
  ['R', 'repeat'],
  ['=', 'more'],
  ['h', 'help'],
  ['q', undefined],
])('%j does %j', (key, action) => expect(actionOfKey(key)).toBe(action));
