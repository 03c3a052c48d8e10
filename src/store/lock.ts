import { readFileSync, rmSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';

export class FolderInUse extends Error {}

const LOCK_NAME = 'oskil.lock';

/**
 * Take a data folder for this process alone. The lock names the process and when
 * it started, so that one left behind by a killed process is seen to be stale
 * even when its number has been given to another. Returns how to let go.
 */
export function lockFolder(folder: string): () => void {
  const file = join(folder, LOCK_NAME);
  const mine = JSON.stringify({ pid: process.pid, started: processStart(process.pid) });
  for (let tries = 0; tries < 2; tries++) {
    try {
      writeFileSync(file, mine, { flag: 'wx' });
      return () => {
        if (readLock(file) === mine) rmSync(file, { force: true });
      };
    } catch (error) {
      if ((error as NodeJS.ErrnoException).code !== 'EEXIST') throw error;
      if (isHeld(readLock(file)))
        throw new FolderInUse(
          `Another Oskil is using the data in ${folder}. Nothing was touched. Close the other one first, or set OSKIL_DATA to another folder.`,
        );
      rmSync(file, { force: true });
    }
  }
  throw new FolderInUse(
    `The lock in ${folder} could not be taken. Nothing was touched. Try again in a moment.`,
  );
}

function readLock(file: string): string {
  try {
    return readFileSync(file, 'utf8');
  } catch {
    return '';
  }
}

function isHeld(lock: string): boolean {
  let holder: { pid?: unknown; started?: unknown };
  try {
    holder = JSON.parse(lock) as typeof holder;
  } catch {
    return false;
  }
  if (typeof holder.pid !== 'number') return false;
  try {
    process.kill(holder.pid, 0);
  } catch (error) {
    return (error as NodeJS.ErrnoException).code === 'EPERM';
  }
  return processStart(holder.pid) === (holder.started ?? null);
}

/** Start time of a process in clock ticks since boot where the system tells it, else null. */
function processStart(pid: number): string | null {
  try {
    const stat = readFileSync(`/proc/${pid}/stat`, 'utf8');
    return stat.slice(stat.lastIndexOf(')') + 2).split(' ')[19] ?? null;
  } catch {
    return null;
  }
}
