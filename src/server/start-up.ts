import { writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { damageSentence } from '@/core/backup';
import { loadDemo } from '@/demo/load';
import { hasInstructors } from '@/store/instructors';
import { FolderInUse } from '@/store/lock';
import { NewerDatabase } from '@/store/migrate';
import { DamagedFolder, replaceData } from '@/store/open';
import { readyRole } from '@/store/scoped';
import { startDailyBackups } from './backup/daily';
import { backupFolder, listBackups } from './backup/folder';
import { openBackup } from './backup/read';
import { copyAll } from './backup/restore';
import { closeDatabase, database, dataFolder } from './shell/database';
import { newId } from './shell/ids';
import { addressTrouble, listensBeyond } from './lock/addresses';
import { hasLock } from './lock/lock';
import { demoFile } from './measures/simulated';
import { lookForDamage } from './shell/soundness';
import { keepMissingTimes } from './teaching/class-times';
import { today } from './shell/today';
import { codeOf, FULL, NOT_WRITABLE } from './shell/troubles';

/** Says that the data in this folder is the demo's, so that a reset need not ask. */
function markAsDemo(): void {
  writeFileSync(demoFile(), JSON.stringify({ loaded: today() }));
}

/** Open the data before the first request; a folder that cannot be used ends the process with a sentence. */
export async function startUp(): Promise<void> {
  try {
    const strange = addressTrouble();
    if (strange) throw new CannotStart(strange);
    await restoreAtStart();
    const db = await database();
    const damaged = await lookForDamage(db);
    if (damaged.length > 0) console.error(damageSentence(damaged), wayBack());
    if (await hasInstructors(db)) await readyRole(db);
    if (listensBeyond() && !(await hasLock(db))) throw new CannotStart(NEEDS_LOCK);
    if (process.env.OSKIL_DEMO === '1' && (await loadDemo(db, today(), newId))) markAsDemo();
    await keepMissingTimes(db);
  } catch (error) {
    console.error(...whatToSay(error));
    process.exit(1);
  }
  startDailyBackups();
  let closing = false;
  const close = () => {
    if (closing) return;
    closing = true;
    void closeDatabase().finally(() => process.exit(0));
  };
  process.on('SIGTERM', close);
  process.on('SIGINT', close);
}

/** A sentence that says what to do; only what nobody expected comes with its trace. */
function whatToSay(error: unknown): readonly unknown[] {
  if (
    error instanceof FolderInUse ||
    error instanceof NewerDatabase ||
    error instanceof CannotRestore ||
    error instanceof CannotStart
  )
    return [error.message];
  const code = codeOf(error instanceof DamagedFolder ? error.cause : error);
  if (process.env.DATABASE_URL && SERVER_TROUBLES[code])
    return [`The database server of DATABASE_URL ${SERVER_TROUBLES[code]}. Nothing was touched.`];
  if (NOT_WRITABLE.has(code))
    return [`Oskil may not write to ${dataFolder()}. Let it, or set OSKIL_DATA to another folder.`];
  if (FULL.has(code))
    return [`The disk that ${dataFolder()} is on is full. Make room, then start Oskil again.`];
  if (error instanceof DamagedFolder) return [error.message, wayBack()];
  return [`The data in ${dataFolder()} could not be opened:`, error];
}

/** What a PostgreSQL server, or the way to it, says when it cannot be used. */
const SERVER_TROUBLES: Readonly<Record<string, string>> = {
  ECONNREFUSED: 'does not answer; is it running?',
  ENOTFOUND: 'is not to be found; check its name',
  ETIMEDOUT: 'does not answer in time',
  '28P01': 'does not take this password',
  '28000': 'does not let this user in',
  '3D000': 'has no database of that name; make one first',
  '42501': 'does not let this user make tables',
};

function wayBack(): string {
  const [newest] = listBackups();
  return newest
    ? `To go back to the newest backup, of ${newest.made}: npm run restore -- ${join(backupFolder(), newest.name)}`
    : `There is no backup in ${backupFolder()}. With one from elsewhere: npm run restore -- FILE`;
}

class CannotRestore extends Error {}

/** What was asked for at the start cannot be done, in a sentence. */
class CannotStart extends Error {}
const NEEDS_LOCK =
  'OSKIL_HOST or OSKIL_ORIGIN lets other computers reach Oskil, but no passphrase is set. Start it without them, set a passphrase in Settings, then start it so again.';

/** `npm run restore`: the backup takes the place of what is here, which is put aside, however damaged it is. */
async function restoreAtStart(): Promise<void> {
  const file = process.env.OSKIL_RESTORE;
  if (file === undefined) return;
  if (process.env.DATABASE_URL)
    throw new CannotRestore(
      'With DATABASE_URL others may be using the data. Restore from Settings, Backups. Nothing was touched.',
    );
  const opened = await openBackup(file);
  if (!opened.ok) throw new CannotRestore(`${file}: ${opened.message}`);
  const { db: then } = opened.value;
  const aside = await replaceData(dataFolder(), (db) => db.transaction((tx) => copyAll(then, tx)));
  await then.close();
  console.log(
    `Restored ${file}. ${aside ? `What was here before is in ${aside}. ` : ''}No passphrase is set.`,
  );
}
