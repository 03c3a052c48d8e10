import { randomUUID } from 'node:crypto';
import type { Database } from '@/store/db';
import { migrate, MIGRATIONS } from '@/store/migrate';
import { openPglite } from '@/store/pglite';
import { openPostgres } from '@/store/postgres';

/** One empty database for a file of tests; `empty` clears it between them. */
export async function freshDatabase(): Promise<Database & { empty: () => Promise<void> }> {
  const server = process.env.OSKIL_TEST_POSTGRES;
  const db = server ? await ownOn(server) : await openPglite(null, { upTo: MIGRATIONS.length });
  await migrate(db);
  return {
    ...db,
    empty: async () => {
      await db.exec('truncate person, series, bag cascade');
    },
  };
}

/** A database of its own on a server, dropped when it is closed. */
async function ownOn(server: string): Promise<Database> {
  const name = `oskil_${randomUUID().replaceAll('-', '')}`;
  const admin = await openPostgres(server);
  await admin.exec(`create database ${name}`);
  const db = await openPostgres(server.replace(/\/[^/]*$/, `/${name}`));
  return {
    ...db,
    close: async () => {
      await db.close();
      await admin.exec(`drop database ${name}`);
      await admin.close();
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
