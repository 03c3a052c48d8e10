import { randomUUID } from 'node:crypto';
import { open as openFrom, setPassphrase as setFrom } from '@/server/lock/lock';
import type { Caller } from '@/server/lock/tries';
import { addClass, addSeries } from '@/store/classes';
import { planWith } from '../core/plans';
import { databaseForFile } from './fresh';

export const WORDS = 'seven slow beads';
export const from = (address: string, browser: string | null = null): Caller => ({
  address,
  isHere: false,
  browser,
});
export const HERE = from('192.0.2.7');

/** A database with a class of today, without a lock before each test, and the ways to set one and to open it. */
export function lockForFile() {
  const db = databaseForFile();
  const classId = randomUUID();
  beforeAll(async () => {
    process.env.OSKIL_TODAY = '2026-11-25';
    const seriesId = randomUUID();
    await addSeries(db, { id: seriesId, name: 'Slow Hands', place: '', slotMinutes: 45 });
    await addClass(db, {
      id: classId,
      seriesId,
      day: '2026-11-25',
      startsAt: '10:30',
      week: 1,
      helpers: [],
      fromClassId: null,
      personIds: [],
      plan: planWith({}),
    });
  });
  beforeEach(async () => {
    for (const table of ['session', 'lock', 'guess', 'helper_code', 'known_browser', 'token'])
      await db.query(`delete from ${table}`);
  });
  const open = (secret: string, caller = HERE) => openFrom(db, { secret, name: '' }, caller);
  const setPassphrase = (change: { now: string; passphrase: string }, caller = HERE) =>
    setFrom(db, change, caller);
  return {
    db,
    classId,
    open,
    setPassphrase,
    /** The token of whoever set it. */
    set: async (passphrase = WORDS, now = '') => {
      const done = await setPassphrase({ now, passphrase });
      if (!done.ok) throw new Error(done.message);
      return done.value.token!;
    },
    opened: async (secret: string) => {
      const done = await open(secret);
      if (!done.ok) throw new Error(done.message);
      return done.value;
    },
  };
}
