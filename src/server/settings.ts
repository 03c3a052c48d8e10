import { settingsOf, settingsSchema, type Settings } from '@/core/settings';
import { fail, ok, type Result } from '@/core/result';
import type { Db } from '@/store/db';
import { loadSettings, saveSettings } from '@/store/settings';

export { settingsSchema };

export const settingsNow = async (db: Db): Promise<Settings> => settingsOf(await loadSettings(db));

export async function keepSettings(db: Db, settings: Settings): Promise<Result<object>> {
  if (settings.timeZone !== '' && !timeZones().includes(settings.timeZone))
    return fail('bad-input', 'That time zone is not known. Nothing was changed.');
  await saveSettings(db, settings);
  return ok({});
}

/** The time zones there are to choose from. */
export const timeZones = (): readonly string[] => Intl.supportedValuesOf('timeZone');

/** Where the classes are. */
export const zoneOf = ({ timeZone }: Settings): string =>
  timeZone || new Intl.DateTimeFormat().resolvedOptions().timeZone;
