import { z } from 'zod';
import { PAPERS } from '../paper';

const words = (what: string) => z.string().trim().max(2000, `${what} can be at most 2,000 characters long`);

/** What an instructor sets once for the venue. */
export const settingsSchema = z.strictObject({
  /** First-aid rules, number to call, where the kit is: shown under "Stop and get help". */
  venueSafety: words('The safety wording'),
  /** Signed under a note that a person takes along. */
  noteFrom: words('The signature'),
  /** Set-ups on the floor, and impact, are not offered until an instructor switches them on. */
  floorLoading: z.enum(['off', 'on']),
  /** Where the classes are, as a time zone of the IANA list; empty for that of this computer. */
  timeZone: z.string().max(60),
  /** What PDF files are made for. */
  paper: z.enum(PAPERS),
});
export type Settings = z.infer<typeof settingsSchema>;

/** Settings from what is stored; unknown and missing names are left at their defaults. */
export const settingsOf = (stored: Readonly<Record<string, string>>): Settings => ({
  venueSafety: stored.venueSafety ?? '',
  noteFrom: stored.noteFrom ?? '',
  floorLoading: stored.floorLoading === 'on' ? 'on' : 'off',
  timeZone: stored.timeZone ?? '',
  paper: stored.paper === 'Letter' ? 'Letter' : 'A4',
});
