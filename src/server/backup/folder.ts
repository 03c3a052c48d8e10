import { mkdirSync, readdirSync, rmSync, statSync } from 'node:fs';
import { join } from 'node:path';
import { readBackupName, toRemove, type BackupFile } from '@/core/backup';
import { keepToOneself } from '@/store/open';
import { dataFolder } from '../shell/database';

export const backupFolder = (): string => join(dataFolder(), 'backups');

/** A file that is being written; what is left of one was cut off. */
export const PART = '.part';
/** A folder that a large backup is opened in begins so, and a file that comes from elsewhere; what is left of one was cut off. */
export const OPENED = 'opened-';
export const COMING = 'coming-';

/** The backups there are, newest first. */
export function listBackups(folder = backupFolder()): readonly BackupFile[] {
  return namesIn(folder)
    .map(readBackupName)
    .filter((b) => b !== null)
    .map((b) => ({ ...b, bytes: statSync(join(folder, b.name)).size }))
    .sort((a, b) => b.name.localeCompare(a.name));
}

/** Where a backup of this name is; null for a name that is none, whatever is in it. */
export function backupPath(name: string, folder = backupFolder()): string | null {
  return namesIn(folder).includes(name) && readBackupName(name) ? join(folder, name) : null;
}

export function namesIn(folder: string): readonly string[] {
  try {
    return readdirSync(folder);
  } catch {
    return [];
  }
}

/** Make the folder, and clear what an earlier process was killed over. */
export function readyFolder(folder = backupFolder()): void {
  mkdirSync(folder, { recursive: true, mode: 0o700 });
  keepToOneself(folder);
  for (const name of namesIn(folder).filter((n) => n.endsWith(PART))) rmSync(join(folder, name));
}

/** At the start, when none is open or coming: what an earlier process was killed over. A restore has one open while it makes a backup. */
export function clearOpened(folder = backupFolder()): void {
  for (const name of namesIn(folder).filter((n) => n.startsWith(OPENED) || n.startsWith(COMING)))
    rmSync(join(folder, name), { recursive: true, force: true });
}

/** Take away those that are one too many, now that one was made. */
export function applyRetention(made: string, folder = backupFolder()): void {
  for (const name of toRemove(namesIn(folder), made)) rmSync(join(folder, name), { force: true });
}
