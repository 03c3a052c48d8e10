import fc from 'fast-check';
import { CODE_LENGTH, CODE_SIGNS, codeFrom, plainCode, backoffSeconds } from '@/core/lock/attempts';

test.each([
  [0, 0],
  [1, 0],
  [4, 0],
  [5, 5],
  [6, 10],
  [7, 20],
  [10, 160],
  [12, 640],
  [13, 900],
  [1_000, 900],
])('after %i wrong tries the next waits %i seconds', (tries, seconds) => {
  expect(backoffSeconds(tries)).toBe(seconds);
});

test('nobody gets more than a hundred tries into a day', () => {
  let [at, tries] = [0, 0];
  while (at < 24 * 3_600) at += Math.max(1, backoffSeconds(++tries));
  expect(tries).toBeLessThan(110);
});

test('a code has its length, is of clear signs only, and is read back however it is typed', () => {
  fc.assert(
    fc.property(fc.uint8Array({ minLength: 64, maxLength: 64 }), (bytes) => {
      const code = codeFrom(bytes);
      fc.pre(code.length === CODE_LENGTH);
      for (const sign of code) expect(CODE_SIGNS).toContain(sign);
      expect(plainCode(` ${code.slice(0, 4).toLowerCase()}-${code.slice(4)} `)).toBe(code);
    }),
  );
  for (const alike of '0O1IL') expect(CODE_SIGNS).not.toContain(alike);
});

test('every sign is as likely as every other', () => {
  const counts = new Map<string, number>();
  for (let b = 0; b < 256; b++) {
    const sign = codeFrom([b]);
    if (sign) counts.set(sign, (counts.get(sign) ?? 0) + 1);
  }
  expect(counts.size).toBe(CODE_SIGNS.length);
  expect(new Set(counts.values()).size).toBe(1);
});
