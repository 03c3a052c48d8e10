import { settingsOf, settingsSchema, type Settings } from '@/core/settings';
import { fail, ok, type Result } from '@/core/result';
import type { Db } from '@/store/db';
import { loadSettings, saveSettings, settingsSeen } from '@/store/settings';

export { settingsSchema };

/** Each instructor signs for themselves; the rest is the venue's. */
const SIGNED = 'noteFrom';
const signedBy = (instructorId: string | null): string =>
  instructorId === null ? SIGNED : `${SIGNED}:${instructorId}`;

export async function settingsNow(db: Db): Promise<Settings> {
  const { stored, me } = await settingsSeen(db);
  return settingsOf({ ...stored, [SIGNED]: stored[signedBy(me)] ?? '' });
}

/** What was signed with before there were instructors by name becomes an instructor's own. */
export async function giveSignature(db: Db, instructorId: string): Promise<void> {
  const kept = (await loadSettings(db))[SIGNED];
  if (kept) await saveSettings(db, { [SIGNED]: '', [signedBy(instructorId)]: kept });
}

export async function keepSettings(db: Db, settings: Settings): Promise<Result<object>> {
  if (settings.timeZone !== '' && !timeZones().includes(settings.timeZone))
    return fail('bad-input', 'That time zone is not known. Nothing was changed.');
  const { me } = await settingsSeen(db);
  const { noteFrom, ...venues } = settings;
  await saveSettings(db, { ...venues, [signedBy(me)]: noteFrom });
  return ok({});
}

/** The time zones there are to choose from. */
export const timeZones = (): readonly string[] => Intl.supportedValuesOf('timeZone');

/** Where the classes are. */
export const zoneOf = ({ timeZone }: Settings): string =>
  timeZone || new Intl.DateTimeFormat().resolvedOptions().timeZone;
