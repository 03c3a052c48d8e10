import type { Database } from '@/store/db';
import { migrate } from '@/store/migrate';
import { openPglite } from '@/store/pglite';

/** One database in memory for a file of tests; `empty` clears it between them. */
export async function freshDatabase(): Promise<Database & { empty: () => Promise<void> }> {
  const db = await openPglite(null);
  await migrate(db);
  return {
    ...db,
    empty: async () => {
      await db.exec('truncate person, series, bag cascade');
    },
  };
}
