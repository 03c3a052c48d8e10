import { z } from 'zod';

/** What a remote may tell the screen that teaches; everything that opens a panel is done on the screen itself. */
export const REMOTE_COMMANDS = [
  'goOrPause',
  'pause',
  'next',
  'back',
  'repeat',
  'more',
  'stay',
  'on',
  'skip',
  'slower',
  'faster',
  'easier',
  'stronger',
  'hand',
  'water',
  'undo',
  'give',
  'letGo',
] as const;
export type RemoteCommand = (typeof REMOTE_COMMANDS)[number];

export const remoteCommandSchema = z.strictObject({
  command: z.enum(REMOTE_COMMANDS, 'That cannot be done from another screen'),
});

const screenId = z.uuid('The screen has no proper id');

/** One screen asks where it stands; `as` is what it would be: the one that teaches, a remote, or one that only looks. */
export const leadAskSchema = z.strictObject({
  screen: screenId,
  as: z.enum(['lead', 'remote', 'follow']),
  /** Teach here from now on, whoever does so now. */
  take: z.boolean().default(false),
  /** The number of the last command it has carried out. */
  heard: z.number().int().min(0).default(0),
});
export type LeadAsk = Readonly<z.infer<typeof leadAskSchema>>;

type Told = { readonly n: number; readonly command: RemoteCommand };

/** Which screen teaches a class, and what it was told by others and has not carried out. Times are of the server's clock, ms. */
export type Lead = {
  readonly screen: string;
  readonly seenMs: number;
  readonly remoteMs: number;
  readonly told: readonly Told[];
  readonly last: number;
};

export type LeadAnswer = {
  readonly leads: boolean;
  /** The screen that teaches has not been heard of for a while. */
  readonly away: boolean;
  /** A remote is in use, so the one that teaches asks more often. */
  readonly remote: boolean;
  readonly told: readonly Told[];
};

/** A screen that has not been heard of for so long is away, ms: five of its askings. */
export const AWAY_MS = 10_000;
const MOST_TOLD = 20;

/** A screen has asked: it teaches where no other does, or where it takes that over. */
export function leadAfter(
  was: Lead | null,
  { screen, as, take, heard }: LeadAsk,
  nowMs: number,
): { readonly lead: Lead | null; readonly answer: LeadAnswer } {
  const mine = was?.screen === screen;
  const free = was === null || nowMs - was.seenMs > AWAY_MS;
  const leads = take || (as === 'lead' && (mine || free));
  const remoteMs = as === 'remote' ? nowMs : (was?.remoteMs ?? -Infinity);
  if (!leads) {
    const lead = was && { ...was, remoteMs };
    return { lead, answer: { leads: false, away: free, remote: false, told: [] } };
  }
  const known = mine ? was : { told: [], last: was?.last ?? 0 };
  const told = known.told.filter((t) => t.n > heard);
  return {
    lead: { screen, seenMs: nowMs, remoteMs, told, last: known.last },
    answer: { leads: true, away: false, remote: nowMs - remoteMs < AWAY_MS, told },
  };
}

/** What a remote tells waits for the screen that teaches; null where none is there to carry it out. */
export function toldTo(was: Lead | null, command: RemoteCommand, nowMs: number): Lead | null {
  if (was === null || nowMs - was.seenMs > AWAY_MS) return null;
  const last = was.last + 1;
  return { ...was, remoteMs: nowMs, last, told: [...was.told, { n: last, command }].slice(-MOST_TOLD) };
}
