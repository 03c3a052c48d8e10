import { settingsOf, settingsSchema, type Settings } from '@/core/settings';
import { ok, type Result } from '@/core/result';
import type { Db } from '@/store/db';
import { loadSettings, saveSettings } from '@/store/settings';

export { settingsSchema };

export const settingsNow = async (db: Db): Promise<Settings> => settingsOf(await loadSettings(db));

export async function keepSettings(db: Db, settings: Settings): Promise<Result<object>> {
  await saveSettings(db, settings);
  return ok({});
}
