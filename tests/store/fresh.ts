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

/** One database for a file of tests, opened before the first and closed after the last. */
export function databaseForFile(): Awaited<ReturnType<typeof freshDatabase>> {
  let opened: Awaited<ReturnType<typeof freshDatabase>>;
  beforeAll(async () => {
    opened = await freshDatabase();
  });
  afterAll(() => opened.close());
  return {
    query: (sql, values) => opened.query(sql, values),
    exec: (sql) => opened.exec(sql),
    transaction: (work) => opened.transaction(work),
    close: () => opened.close(),
    empty: () => opened.empty(),
  };
}
