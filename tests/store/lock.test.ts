import { randomUUID } from 'node:crypto';
import { askerOf, close, hasLock, IDLE_MINUTES, makeCode } from '@/server/lock/lock';
import { tablesInOrder } from '@/store/backup';
import { lockForFile, WORDS } from './locking';

const { db, classId, open, opened, set, setPassphrase } = lockForFile();
const INSTRUCTOR = { kind: 'instructor', id: null, coordinator: true };

test('without a passphrase everybody at the computer is the instructor', async () => {
  expect(await hasLock(db)).toBe(false);
  expect(await askerOf(db, undefined)).toEqual(INSTRUCTOR);
});

test('with one nobody is let in but with a session; who set it stays in', async () => {
  const token = await set();
  expect(await askerOf(db, undefined)).toEqual({ kind: 'nobody' });
  expect(await askerOf(db, 'x'.repeat(43))).toEqual({ kind: 'nobody' });
  expect(await askerOf(db, token)).toEqual(INSTRUCTOR);
  const { token: second, goTo } = await opened(WORDS);
  expect(goTo).toBe('/');
  await close(db, second);
  expect(await askerOf(db, second)).toEqual({ kind: 'nobody' });
  expect(await askerOf(db, token)).toEqual(INSTRUCTOR);
});

test('neither the passphrase nor a session can be read out of the database', async () => {
  const token = await set();
  const kept = JSON.stringify([
    await db.query('select * from lock'),
    await db.query('select * from session'),
  ]);
  expect(kept).not.toContain(WORDS);
  expect(kept).not.toContain(token);
  expect(kept).toMatch(/scrypt:\d+:8:1:/);
});

test('it is kept at a cost that makes guessing slow', async () => {
  const real = jest.requireActual<typeof import('@/server/lock/passphrase')>('@/server/lock/passphrase');
  const kept = await real.hashPassphrase(WORDS);
  expect(kept).toMatch(/^scrypt:65536:8:1:/);
  expect(real.NOBODYS_PASSPHRASE).toMatch(/^scrypt:65536:8:1:/);
  expect(await real.isPassphrase(WORDS, kept)).toBe(true);
  expect(await real.isPassphrase(`${WORDS} `, kept)).toBe(false);
});

test('the same words typed on another keyboard open it; wrong ones all get the same answer', async () => {
  await set('café con leche');
  await opened('cafe\u0301 con leche');
  const answers = await Promise.all(['cafe con leche', 'ABCD2345', ' '].map((secret) => open(secret)));
  expect(new Set(answers.map((a) => JSON.stringify(a))).size).toBe(1);
  expect(answers[0]).toMatchObject({ ok: false, message: 'That does not open Oskil. Try again.' });
});

test('wrong tries make the next wait, even with the right words; then it opens and all is forgotten', async () => {
  await set();
  for (let i = 0; i < 5; i++) expect(await open(`wrong ${i}`)).toMatchObject({ code: 'wrong-secret' });
  expect(await open(WORDS)).toMatchObject({
    ok: false,
    code: 'too-many-tries',
    message: expect.stringMatching(/^Too many wrong tries\. Try again in [1-5] seconds?\.$/) as string,
  });
  await db.query(`update guess set at = at - interval '6 seconds'`);
  await opened(WORDS);
  expect(await db.query('select * from guess')).toEqual([]);
});

test('many tries at the same moment do not get in for one', async () => {
  await set();
  const answers = await Promise.all(Array.from({ length: 12 }, (_, i) => open(`guess ${i}`)));
  expect(answers.filter((a) => !a.ok && a.code === 'wrong-secret').length).toBe(5);
  expect(await open(WORDS)).toMatchObject({ code: 'too-many-tries' });
});

test('a session that nobody uses is over; using it keeps it', async () => {
  const token = await set();
  const age = (minutes: number) =>
    db.query(`update session set seen_at = seen_at - make_interval(mins => $1)`, [minutes]);
  await age(IDLE_MINUTES - 1);
  expect(await askerOf(db, token)).toEqual(INSTRUCTOR);
  await age(IDLE_MINUTES - 1);
  expect(await askerOf(db, token)).toEqual(INSTRUCTOR);
  await age(IDLE_MINUTES + 1);
  expect(await askerOf(db, token)).toEqual({ kind: 'nobody' });
});

test('the passphrase is changed only by who knows it, and every other session ends', async () => {
  const token = await set();
  const { token: elsewhere } = await opened(WORDS);
  expect(await setPassphrase({ now: 'not this', passphrase: 'eight slow beads' })).toMatchObject({
    ok: false,
    message: 'The passphrase that is set now is another. Nothing was changed.',
  });
  expect(await askerOf(db, elsewhere)).toEqual(INSTRUCTOR);
  const fresh = await set('eight slow beads', WORDS);
  for (const old of [token, elsewhere]) expect(await askerOf(db, old)).toEqual({ kind: 'nobody' });
  expect(await askerOf(db, fresh)).toEqual(INSTRUCTOR);
});

test('guessing the passphrase in Settings waits like guessing it at the door', async () => {
  await set();
  for (let i = 0; i < 5; i++)
    expect(await setPassphrase({ now: `wrong ${i}`, passphrase: '' })).toMatchObject({
      code: 'wrong-secret',
    });
  expect(await setPassphrase({ now: WORDS, passphrase: '' })).toMatchObject({ code: 'too-many-tries' });
  expect(await open(WORDS)).toMatchObject({ code: 'too-many-tries' });
  expect(await hasLock(db)).toBe(true);
});

test('the lock is not taken away while other computers can reach Oskil', async () => {
  await set();
  process.env.OSKIL_HOST = '0.0.0.0';
  expect(await setPassphrase({ now: WORDS, passphrase: '' })).toMatchObject({
    ok: false,
    code: 'needs-lock',
  });
  delete process.env.OSKIL_HOST;
  expect(await setPassphrase({ now: WORDS, passphrase: '' })).toMatchObject({ ok: true });
  expect(await hasLock(db)).toBe(false);
});

test('a helper’s code opens one class until its day is over, and a new one ends the helpers of the last', async () => {
  expect(await makeCode(db, db, classId, 'helper')).toMatchObject({ ok: false, code: 'no-lock' });
  await set();
  const first = await makeCode(db, db, classId, 'helper');
  if (!first.ok) throw new Error(first.message);
  const { token, goTo } = await opened(first.value.code.toLowerCase());
  expect(goTo).toBe(`/classes/${classId}/helper`);
  expect(await askerOf(db, token)).toEqual({ kind: 'helper', classId: classId });
  process.env.OSKIL_TODAY = '2026-11-24';
  // The evening before.
  expect(await askerOf(db, token)).toEqual({ kind: 'helper', classId: classId });
  process.env.OSKIL_TODAY = '2026-11-26';
  expect(await askerOf(db, token)).toEqual({ kind: 'nobody' });
  expect(await open(first.value.code)).toMatchObject({ code: 'wrong-secret' });
  process.env.OSKIL_TODAY = '2026-11-25';
  expect(await askerOf(db, token)).toEqual({ kind: 'helper', classId: classId });
  expect(await makeCode(db, db, classId, 'helper')).toMatchObject({ ok: true });
  expect(await askerOf(db, token)).toEqual({ kind: 'nobody' });
  expect(await makeCode(db, db, randomUUID(), 'helper')).toMatchObject({ ok: false, code: 'not-found' });
});

test('who is let in belongs to the machine and is in no backup', async () => {
  const names = (await tablesInOrder(db)).map((t) => t.name);
  for (const own of ['lock', 'session', 'guess', 'helper_code', 'migration', 'token', 'known_browser'])
    expect(names).not.toContain(own);
  expect(names).toContain('person');
});
