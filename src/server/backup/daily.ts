import { format } from 'date-fns';
import { isDue, type BackupKind } from '@/core/backup';
import type { Result } from '@/core/result';
import { isTeaching } from '@/store/backup';
import { erasedStillKept } from '@/store/erased';
import { letGoOfTaken } from '@/store/taken-away';
import { database } from '../shell/database';
import { today } from '../shell/today';
import { eraseFromBackups } from './erased';
import { backupFolder, clearOpened, namesIn } from './folder';
import { makeBackup, type MadeAt } from './write';

const AFTER_START_MS = 60_000;
const LOOK_EVERY_MS = 30 * 60_000;

/** One per process; Next loads this module several times. */
const holder = globalThis as typeof globalThis & {
  oskilBackups?: {
    queue: Promise<unknown>;
    trouble: string | null;
    clearing: Promise<void> | null;
  };
};
const state = () => (holder.oskilBackups ??= { queue: Promise.resolve(), trouble: null, clearing: null });

export const madeNow = (): MadeAt => {
  const instant = new Date();
  return { day: today(), time: format(instant, 'HH:mm:ss'), instant };
};

/** One after the other, never two at once. What went wrong last is remembered until one succeeds. */
export function backUp(kind: BackupKind): Promise<Result<{ name: string }>> {
  return inTurn(async () => {
    const made = await makeBackup(await database(), kind, madeNow());
    // What cannot be read is told by itself (server/soundness).
    state().trouble = made.ok || made.code === 'not-whole' ? null : made.message;
    return made;
  });
}

/**
 * Take those who were erased out of the backups that are kept, one backup after the other, but not while somebody teaches. What goes
 * wrong is told, and tried again each half hour.
 */
export function clearErased(): Promise<void> {
  state().clearing ??= clear().finally(() => (state().clearing = null));
  return state().clearing!;
}

async function clear(): Promise<void> {
  try {
    const db = await database();
    // Again for whoever was erased meanwhile.
    while ((await erasedStillKept(db)).length > 0 && !(await isTeaching(db))) {
      const cleared = await eraseFromBackups(db, backupFolder(), inTurn);
      if (!cleared.ok) throw new Error(cleared.message);
    }
  } catch {
    state().trouble = STILL_THERE;
  }
}
const STILL_THERE = 'Somebody who was erased is still in a backup. It is tried again in half an hour.';

/** Anything that writes or restores backups waits for what goes on. */
export function inTurn<T>(work: () => Promise<T>): Promise<T> {
  const mine = state().queue.then(work, work);
  state().queue = mine.catch(() => undefined);
  return mine;
}

/** Why the last backup did not come about; null when it did. */
export const backupTrouble = (): string | null => state().trouble;

/** A backup each day that Oskil runs, at a moment when nobody teaches. */
export function startDailyBackups(): void {
  clearOpened();
  const look = async () => {
    try {
      const db = await database();
      await clearErased();
      await letGoOfTaken(db);
      if (isDue(namesIn(backupFolder()), today(), await isTeaching(db))) await backUp('daily');
    } catch {
      state().trouble = 'The daily backup could not be made. Make one by hand.';
    }
  };
  setTimeout(() => void look(), AFTER_START_MS).unref();
  setInterval(() => void look(), LOOK_EVERY_MS).unref();
}
