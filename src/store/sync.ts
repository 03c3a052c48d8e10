import { promises as files } from 'node:fs';
import { join } from 'node:path';

/** A file or the list of what is in a folder, on the disk itself. A new name is there only once its folder is. */
export async function sync(path: string): Promise<void> {
  const handle = await files.open(path, 'r');
  try {
    await handle.sync();
  } finally {
    await handle.close();
  }
}

/** A folder with all that is in it. */
export async function syncTree(folder: string): Promise<void> {
  for (const entry of await files.readdir(folder, { withFileTypes: true })) {
    const path = join(folder, entry.name);
    if (entry.isDirectory()) await syncTree(path);
    else if (entry.isFile()) await sync(path);
  }
  await sync(folder);
}
