import { z } from 'zod';
import { PAPERS } from '../paper';
import { LENGTH_UNITS, MASS_UNITS, METRIC, type Units } from '../units';
import { USUAL_WAY_IN, WAYS_IN, type UsualWayIn } from '../plan';

const words = (what: string) => z.string().trim().max(2000, `${what} can be at most 2,000 characters long`);

/** Ways into a movement by their length in ms, as they are stored. */
const WAY_IN_VALUES = WAYS_IN.map(([, ms]) => String(ms));
const wayIn = z.enum(WAY_IN_VALUES);

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
  /** How this instructor usually leads into a movement that is new to the group, and into a known one. */
  wayInNew: wayIn,
  wayInKnown: wayIn,
  /** In what this instructor reads and types weights and lengths. */
  massUnit: z.enum(MASS_UNITS),
  lengthUnit: z.enum(LENGTH_UNITS),
});
export type Settings = z.infer<typeof settingsSchema>;

/** Settings from what is stored; unknown and missing names are left at their defaults. */
export const settingsOf = (stored: Readonly<Record<string, string>>): Settings => ({
  venueSafety: stored.venueSafety ?? '',
  noteFrom: stored.noteFrom ?? '',
  floorLoading: stored.floorLoading === 'on' ? 'on' : 'off',
  timeZone: stored.timeZone ?? '',
  paper: stored.paper === 'Letter' ? 'Letter' : 'A4',
  wayInNew: wayInFrom(stored.wayInNew, USUAL_WAY_IN.newMs),
  wayInKnown: wayInFrom(stored.wayInKnown, USUAL_WAY_IN.knownMs),
  massUnit: MASS_UNITS.find((u) => u === stored.massUnit) ?? METRIC.mass,
  lengthUnit: LENGTH_UNITS.find((u) => u === stored.lengthUnit) ?? METRIC.length,
});

const wayInFrom = (stored: string | undefined, usualMs: number): string =>
  stored !== undefined && WAY_IN_VALUES.includes(stored) ? stored : String(usualMs);

/** In what this instructor reads and types. */
export const unitsOf = ({ massUnit, lengthUnit }: Settings): Units => ({
  mass: massUnit,
  length: lengthUnit,
});

/** What a new class of this instructor begins with. */
export const wayInFor = ({ wayInNew, wayInKnown }: Settings): UsualWayIn => ({
  newMs: Number(wayInNew),
  knownMs: Number(wayInKnown),
});
