import { readFileSync } from 'node:fs';
import { ERROR_CODES, isErrorCode } from '@/core/error-codes';

test('every code is listed in the docs with what it says, and none besides', () => {
  const listed = [
    ...readFileSync('docs/error-codes.md', 'utf8').matchAll(/^\| `([\w-]+)` +\| (.*?) +\|$/gm),
  ].map((m) => [m[1], m[2]]);
  expect(listed).toEqual(Object.entries(ERROR_CODES));
});

test.each([
  ['not-found', true],
  ['toString', false],
  ['', false],
  [404, false],
])('%j is a code: %j', (code, is) => expect(isErrorCode(code)).toBe(is));
