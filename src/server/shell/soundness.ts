import type { Db } from '@/store/db';
import { damagedTables } from '@/store/integrity';

/** One per process; Next loads this module several times. */
const holder = globalThis as typeof globalThis & { oskilDamaged?: readonly string[] };

/** Look through all data; what is found is told on Today and in Backups from then on. Names of tables. */
export async function lookForDamage(db: Db): Promise<readonly string[]> {
  holder.oskilDamaged = await damagedTables(db);
  return holder.oskilDamaged;
}

/** All data was put back. */
export function noMoreDamaged(): void {
  holder.oskilDamaged = [];
}

/** Tables of which not all could be read when they were last looked at. */
export const damagedNow = (): readonly string[] => holder.oskilDamaged ?? [];
