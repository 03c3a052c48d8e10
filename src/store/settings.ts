import type { Db } from './db';

/** The venue's own words, by name; what was never set is missing. */
export async function loadSettings(db: Db): Promise<Record<string, string>> {
  const rows = await db.query<{ name: string; value: string }>('select name, value from setting');
  return Object.fromEntries(rows.map((r) => [r.name, r.value]));
}

/** The same, and the instructor who asks; null while there are none by name. */
export async function settingsSeen(
  db: Db,
): Promise<{ readonly stored: Record<string, string>; readonly me: string | null }> {
  const [row] = await db.query<{ stored: Record<string, string>; me: string | null }>(
    "select (select coalesce(json_object_agg(name, value), '{}') from setting) as stored, oskil_me() as me",
  );
  return row!;
}

export async function saveSettings(db: Db, settings: Readonly<Record<string, string>>): Promise<void> {
  await db.transaction(async (tx) => {
    for (const [name, value] of Object.entries(settings))
      await tx.query(
        'insert into setting (name, value) values ($1, $2) on conflict (name) do update set value = $2',
        [name, value],
      );
  });
}

/** Whoever else saves settings waits until the transaction is over. */
export async function lockSettings(tx: Db): Promise<void> {
  await tx.query("select pg_advisory_xact_lock(hashtext('oskil settings'))");
}
