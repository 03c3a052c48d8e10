import type { Db } from './db';

/** What was typed, as the form holds it, and on what the form was opened. */
export type Unsaved = {
  readonly values: Readonly<Record<string, unknown>>;
  readonly opened: Readonly<Record<string, unknown>>;
};

const MINE = 'owner_id is not distinct from oskil_me()';
/** What nobody has come back to for so long is let go, days. */
const KEPT_DAYS = 30;

export async function findUnsaved(db: Db, form: string): Promise<(Unsaved & { typedOn: string }) | null> {
  const [one] = await db.query<{ body: Unsaved; typedOn: string }>(
    `select body, typed_at::date::text as "typedOn" from unsaved_form where ${MINE} and form = $1`,
    [form],
  );
  return one ? { ...one.body, typedOn: one.typedOn } : null;
}

export async function keepUnsaved(db: Db, form: string, unsaved: Unsaved): Promise<void> {
  await db.query(
    `insert into unsaved_form (form, body) values ($1, $2)
     on conflict (owner_id, form) do update set body = $2, typed_at = now()`,
    [form, JSON.stringify(unsaved)],
  );
  await db.query(`delete from unsaved_form where ${MINE} and typed_at < now() - make_interval(days => $1)`, [
    KEPT_DAYS,
  ]);
}

export async function dropUnsaved(db: Db, form: string): Promise<void> {
  await db.query(`delete from unsaved_form where ${MINE} and form = $1`, [form]);
}
