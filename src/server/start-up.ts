import { writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { loadDemo } from '@/demo/load';
import { FolderInUse } from '@/store/lock';
import { NewerDatabase } from '@/store/migrate';
import { closeDatabase, database, dataFolder } from './database';
import { newId } from './ids';
import { today } from './today';

/** Says that the data in this folder is the demo's, so that a reset need not ask. */
function markAsDemo(): void {
  writeFileSync(join(dataFolder(), 'demo.json'), JSON.stringify({ loaded: today() }));
}

/** Open the data before the first request; a folder that cannot be used ends the process with a sentence. */
export async function startUp(): Promise<void> {
  try {
    const db = await database();
    if (process.env.OSKIL_DEMO === '1' && (await loadDemo(db, today(), newId))) markAsDemo();
  } catch (error) {
    const told = error instanceof FolderInUse || error instanceof NewerDatabase;
    console.error(
      told ? (error as Error).message : `The data in ${dataFolder()} could not be opened:`,
      told ? '' : error,
    );
    process.exit(1);
  }
  let closing = false;
  const close = () => {
    if (closing) return;
    closing = true;
    void closeDatabase().finally(() => process.exit(0));
  };
  process.on('SIGTERM', close);
  process.on('SIGINT', close);
}
