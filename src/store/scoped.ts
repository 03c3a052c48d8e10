import type { Db } from './db';
import { MACHINE_TABLES } from './machine-tables';

/** The role whose rights the database checks row by row; `migrations/0015-instructors` says which rows. */
export const ROLE = 'oskil_instructor';

/** The database as one instructor sees it: what is another's and not shared is not there, whatever is asked. */
export function dbForInstructor(db: Db, instructorId: string): Db {
  const transaction = <T>(work: (tx: Db) => Promise<T>): Promise<T> =>
    db.transaction(async (tx) => {
      // Both end with the transaction, so that a connection never carries one instructor's eyes to another.
      await tx.query(`select set_config('role', '${ROLE}', true), set_config('oskil.instructor', $1, true)`, [
        instructorId,
      ]);
      return work(tx);
    });
  return { transaction, query: (sql, params) => transaction((tx) => tx.query(sql, params)) };
}

/** Make the role and give it its rights, as often as one likes. Needs the right to make roles. */
export async function readyRole(db: Db): Promise<void> {
  await db.transaction(async (tx) => {
    // Roles belong to a whole server, where another database's Oskil may have made it, even at this moment.
    await tx.query(`do $$ begin
      if not exists (select 1 from pg_roles where rolname = '${ROLE}') then create role ${ROLE} nologin; end if;
      exception when duplicate_object or unique_violation then null; end $$`);
    const [{ member } = { member: false }] = await tx.query<{ member: boolean }>(
      `select pg_has_role(current_user, '${ROLE}', 'member') as member`,
    );
    if (!member) await tx.query(`grant ${ROLE} to current_user`);
    await tx.query(`grant usage on schema public to ${ROLE}`);
    await tx.query(`grant select, insert, update, delete on all tables in schema public to ${ROLE}`);
    await tx.query(`revoke all on ${MACHINE_TABLES.join(', ')} from ${ROLE}`);
    await tx.query(`grant select (id, name, coordinator) on instructor to ${ROLE}`);
  });
}
