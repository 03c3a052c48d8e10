import type { Db } from './db';

/** The venue's own words, by name; what was never set is missing. */
export async function loadSettings(db: Db): Promise<Record<string, string>> {
  const rows = await db.query<{ name: string; value: string }>('select name, value from setting');
  return Object.fromEntries(rows.map((r) => [r.name, r.value]));
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
