import { extrasSchema, type UnknownField } from '@/core/formats';
import type { Db } from './db';

/** What the file that a class came from said besides, so that it is written out again. */
export async function loadExtras(db: Db, classId: string): Promise<readonly UnknownField[]> {
  const [row] = await db.query<{ fields: unknown }>('select fields from file_extra where class_id = $1', [
    classId,
  ]);
  const kept = extrasSchema.safeParse(row?.fields ?? []);
  return kept.success ? kept.data : [];
}

export async function saveExtras(db: Db, classId: string, fields: readonly UnknownField[]): Promise<void> {
  if (fields.length === 0) return;
  await db.query('insert into file_extra (class_id, fields) values ($1, $2)', [
    classId,
    JSON.stringify(fields),
  ]);
}
