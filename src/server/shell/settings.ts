import { z } from 'zod';
import type { Immutable } from '@/core/frozen';
import { besideWords, mergeFields, metWords } from '@/core/meanwhile';
import type { Units } from '@/core/units';
import { settingsOf, settingsSchema, unitsOf, type Settings } from '@/core/venue';
import { fail, ok, type Result } from '@/core/result';
import type { Db } from '@/store/db';
import { loadSettings, lockSettings, saveSettings, settingsSeen } from '@/store/settings';

/** Each instructor signs for themselves, has a way of teaching, and reads the units they are used to; the rest is the venue's. */
const OWN = [
  'noteFrom',
  'wayInNew',
  'wayInKnown',
  'massUnit',
  'lengthUnit',
] as const satisfies readonly (keyof Settings)[];
const storedAs = (name: (typeof OWN)[number], instructorId: string | null): string =>
  instructorId === null ? name : `${name}:${instructorId}`;

export async function settingsNow(db: Db): Promise<Settings> {
  const { stored, me } = await settingsSeen(db);
  const own = OWN.map((name) => [name, stored[storedAs(name, me)] ?? ''] as const);
  return settingsOf({ ...stored, ...Object.fromEntries(own) });
}

/** In what whoever asks reads weights and lengths. */
export const unitsNow = async (db: Db): Promise<Units> => unitsOf(await settingsNow(db));

/** What was set before there were instructors by name becomes an instructor's own. */
export async function giveOwnSettings(db: Db, instructorId: string): Promise<void> {
  const stored = await loadSettings(db);
  for (const name of OWN) {
    const kept = stored[name];
    if (kept) await saveSettings(db, { [name]: '', [storedAs(name, instructorId)]: kept });
  }
}

/** `before` as they were when the page was opened, and `over` to win where somebody else changed the same meanwhile. */
export const settingsChangeSchema = settingsSchema.extend({
  before: settingsSchema.optional(),
  over: z.boolean().optional(),
});

const WORDS: Readonly<Record<keyof Settings, string>> = {
  venueSafety: 'The venue’s safety wording',
  noteFrom: 'Signed under a note',
  floorLoading: 'Set-ups on the floor',
  timeZone: 'Time zone',
  paper: 'Paper',
  wayInNew: 'Way into a new movement',
  wayInKnown: 'Way into a known movement',
  massUnit: 'Weights in',
  lengthUnit: 'Lengths in',
};
const PAGE = 'this page';

export async function keepSettings(
  db: Db,
  { before, over, ...mine }: Immutable<z.infer<typeof settingsChangeSchema>>,
): Promise<Result<{ saved: Settings; beside?: string }>> {
  if (mine.timeZone !== '' && !timeZones().includes(mine.timeZone))
    return fail('bad-input', 'That time zone is not known. Nothing was changed.');
  return db.transaction(async (tx) => {
    await lockSettings(tx);
    const now = await settingsNow(tx);
    const { merged, met, beside } = mergeFields(before ?? now, mine, now);
    const words = (fields: readonly (keyof Settings)[]) =>
      fields.map((f) => `${WORDS[f]}: ${now[f] || 'nothing'}`);
    if (met.length > 0 && !over) return fail('changed-elsewhere', metWords(PAGE, words(met)));
    const { me } = await settingsSeen(tx);
    const stored = Object.entries(merged).map(([name, value]) => [
      OWN.some((own) => own === name) ? storedAs(name as (typeof OWN)[number], me) : name,
      value,
    ]);
    await saveSettings(tx, Object.fromEntries(stored) as Record<string, string>);
    return ok({ saved: merged, ...(beside.length > 0 && { beside: besideWords(PAGE, words(beside)) }) });
  });
}

/** The time zones there are to choose from. */
export const timeZones = (): readonly string[] => Intl.supportedValuesOf('timeZone');

/** Where the classes are. */
export const zoneOf = ({ timeZone }: Settings): string =>
  timeZone || new Intl.DateTimeFormat().resolvedOptions().timeZone;
