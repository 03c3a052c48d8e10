import type { Database } from '@/store/db';
import { openFolder } from '@/store/open';

/** One database per process; Next loads this module several times, so it hangs on the process. */
const holder = globalThis as typeof globalThis & { oskilDatabase?: Promise<Database> };

export const dataFolder = (): string => process.env.OSKIL_DATA ?? './data';

export function database(): Promise<Database> {
  holder.oskilDatabase ??= openFolder(dataFolder(), {
    fresh: process.env.OSKIL_FRESH === '1',
    aside: process.env.OSKIL_RESTORE !== undefined,
  });
  return holder.oskilDatabase;
}

export async function closeDatabase(): Promise<void> {
  const open = holder.oskilDatabase;
  delete holder.oskilDatabase;
  if (open) await (await open).close();
}
