import { z } from 'zod';
import { daySchema } from '../days';
import type { Hand } from '../dose';
import type { Immutable } from '../frozen';

/** What a clinician may allow, least first. Each holds all before it, and nothing after it. */
export const CLEARANCE_SCOPES = [
  'fingers',
  'hand',
  'stretch',
  'resisted',
  'seated loading',
  'standing loading',
  'floor',
  'impact',
] as const;
export type ClearanceScope = (typeof CLEARANCE_SCOPES)[number];

export const SCOPE_WORDS: Readonly<Record<ClearanceScope, string>> = {
  fingers: 'fingers only',
  hand: 'the whole hand',
  stretch: 'stretching',
  resisted: 'resisted work',
  'seated loading': 'seated loading',
  'standing loading': 'standing leans',
  floor: 'the floor',
  impact: 'impact',
};

export const clearanceSchema = z
  .strictObject({
    scope: z.enum(CLEARANCE_SCOPES),
    /** Which hand; none where nobody has said yet. */
    side: z.enum(['L', 'R', 'both']).nullish(),
    by: z.string().trim().min(1, 'Say who cleared it').max(80, 'Keep the name under 80 characters'),
    on: daySchema,
    until: daySchema.nullable(),
    what: z.string().trim().max(200, 'Keep it under 200 characters'),
  })
  .refine((c) => c.until === null || c.until >= c.on, {
    path: ['until'],
    message: 'The end date is before the start',
  });
export type Clearance = Immutable<z.infer<typeof clearanceSchema>>;

type Cleared = {
  readonly clearances: readonly Clearance[];
  readonly conditions: readonly { readonly side: 'L' | 'R' | 'both' | 'none' }[];
};

const rungOf = (scope: ClearanceScope): number => CLEARANCE_SCOPES.indexOf(scope);
const counts = ({ on, until }: Clearance, today: string): boolean =>
  on <= today && (until === null || today <= until);

/**
 * The clearance that opens a scope for a hand; null where none does. It counts on its days only, [on, until]. One that names no
 * hand is read as the narrowest that it can mean: it is for what belongs to the whole person (`ofWhole`), and for the hand of the
 * only side that anything is the matter with.
 */
export function clearanceFor(
  person: Cleared,
  scope: ClearanceScope,
  hand: Hand,
  ofWhole: boolean,
  today: string,
): Clearance | null {
  const opens = (c: Clearance) =>
    rungOf(c.scope) >= rungOf(scope) &&
    (c.side === 'both' || c.side === hand || (!c.side && (ofWhole || isOnlySide(person, hand))));
  return person.clearances.find((c) => counts(c, today) && opens(c)) ?? null;
}

function isOnlySide({ conditions }: Cleared, hand: Hand): boolean {
  const sides = conditions.flatMap(({ side }) => (side === 'none' ? [] : [side]));
  return sides.length > 0 && sides.every((side) => side === hand);
}

/** A clearance as it was kept before there was a ladder, read as the least that it can mean. */
export const currentClearance = (c: Clearance): Clearance =>
  (c.scope as string) === 'loading' ? { ...c, scope: 'seated loading' } : c;

/** What should be asked about a clearance once: no hand named, or words that say less than its scope. */
export function clearanceDoubt(c: Clearance): string | null {
  if (!c.side) return 'Which hand is it for?';
  const less = LESS.find(({ says, scope }) => says.test(c.what) && rungOf(c.scope) > rungOf(scope));
  return less
    ? `Its words say “${c.what}”, which is less than ${SCOPE_WORDS[c.scope]}. Which is right?`
    : null;
}

/** Words of a clinician that go no further than a scope. */
const LESS: readonly { readonly says: RegExp; readonly scope: ClearanceScope }[] = [
  { says: /finger[a-z ]* only|only[a-z ]* finger/i, scope: 'fingers' },
  { says: /no (resist|weight|load|grip)/i, scope: 'stretch' },
  { says: /no stand|seated/i, scope: 'seated loading' },
  { says: /no floor/i, scope: 'standing loading' },
  { says: /no impact|no drop/i, scope: 'floor' },
];
