import { askerOf, makeCode } from '@/server/lock/lock';
import type { Caller } from '@/server/lock/tries';
import { makeToken, tokenHolder } from '@/server/api/token';
import { from, HERE, lockForFile, WORDS } from './locking';

/** What a passphrase costs to look at is tried in lock.test.ts. */
jest.mock('@/server/lock/passphrase', () => ({
  hashPassphrase: (words: string) => Promise.resolve(`scrypt:${words}`),
  isPassphrase: (words: string, kept: string) => Promise.resolve(kept === `scrypt:${words}`),
}));

const { db, classId, open, opened, set, setPassphrase } = lockForFile();

const wrong = async (times: number, caller: Caller) => {
  const codes: string[] = [];
  for (let i = 0; i < times; i++) {
    const answer = await open(`wrong ${i}`, caller);
    codes.push(answer.ok ? 'ok' : answer.code);
  }
  return codes;
};

test('a code of one’s own forgives no tries at the passphrase', async () => {
  await set();
  const made = await makeCode(db, db, classId, 'helper');
  if (!made.ok) throw new Error(made.message);
  const answers: string[] = [];
  for (let round = 0; round < 4; round++) {
    answers.push(...(await wrong(4, HERE)));
    const own = await open(made.value.code);
    answers.push(own.ok ? 'own code' : own.code);
  }
  expect(answers.slice(0, 5)).toEqual([...Array<string>(4).fill('wrong-secret'), 'own code']);
  // One more is free, as for a finger that slips; from then on each waits.
  expect(answers.slice(6)).not.toContain('wrong-secret');
});

test('a stranger who keeps guessing keeps nobody out who was let in with that browser before', async () => {
  await set();
  const first = await open(WORDS);
  if (!first.ok) throw new Error(first.message);
  const stranger = from('198.51.100.9');
  await wrong(12, stranger);
  expect(await open(WORDS, stranger)).toMatchObject({ code: 'too-many-tries' });
  // From the same address even, as behind one router.
  expect(await open(WORDS, from('198.51.100.9', first.value.browser))).toMatchObject({
    ok: true,
  });
  // Elsewhere nothing is to be waited for either, in a browser that is new.
  expect(await open(WORDS, from('198.51.100.10'))).toMatchObject({ ok: true });
});

test('many addresses together guess no faster than one; this computer itself does not wait for them', async () => {
  await set();
  const seen: string[] = [];
  for (let i = 0; i < 30; i++) seen.push(...(await wrong(1, from(`198.51.100.${i}`))));
  expect(seen.filter((c) => c === 'wrong-secret')).toHaveLength(21);
  expect(await open(WORDS, from('203.0.113.1'))).toMatchObject({ code: 'too-many-tries' });
  expect(await open(WORDS, { address: '127.0.0.1', isHere: true, browser: null })).toMatchObject({
    ok: true,
  });
});

test('a known browser has a limit too, and it is its own', async () => {
  await set();
  const first = await open(WORDS);
  if (!first.ok) throw new Error(first.message);
  const known = from('192.0.2.9', first.value.browser);
  expect((await wrong(8, known)).filter((c) => c === 'wrong-secret')).toHaveLength(5);
  expect(await open(WORDS, known)).toMatchObject({ code: 'too-many-tries' });
});

test.each([-10 * 86_400, -60, 3_600, 400 * 86_400])(
  'a clock that jumps by %i seconds after wrong tries makes nobody wait longer than is said',
  async (jump) => {
    await set();
    await wrong(5, HERE);
    // The clock put back is as if the tries were of the future.
    await db.query('update guess set at = at - make_interval(secs => $1)', [jump]);
    const answer = await open(WORDS);
    if (!answer.ok) {
      expect(answer.message).toMatch(/^Too many wrong tries\. Try again in [1-5] seconds?\.$/);
      await db.query(`update guess set at = at - interval '5 seconds'`);
      expect(await open(WORDS)).toMatchObject({ ok: true });
    }
  },
);

test('of two who set the first passphrase at once, one does, and the other is told', async () => {
  const answers = await Promise.all(
    ['the first of them', 'the second of them'].map((passphrase) => setPassphrase({ now: '', passphrase })),
  );
  expect(answers.map((a) => (a.ok ? 'ok' : a.code)).sort()).toEqual(['exists', 'ok']);
  expect(await db.query('select 1 from lock')).toHaveLength(1);
});

test('taking the lock away ends codes; another passphrase ends other programs’ token', async () => {
  await set();
  const made = await makeCode(db, db, classId, 'tv');
  if (!made.ok) throw new Error(made.message);
  const screen = await opened(made.value.code);
  expect(screen.goTo).toBe('/room');
  expect(await askerOf(db, screen.token)).toEqual({ kind: 'tv', classId: classId });
  const token = await makeToken(db, null);
  if (!token.ok) throw new Error(token.message);
  await set('eight slow beads', WORDS);
  expect(await tokenHolder(db, `Bearer ${token.value.token}`)).toBeNull();
  await setPassphrase({ now: 'eight slow beads', passphrase: '' });
  await set();
  expect(await open(made.value.code)).toMatchObject({ code: 'wrong-secret' });
});
