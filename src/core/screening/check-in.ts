import { z } from 'zod';
import type { Immutable } from '../frozen';
import type { Hand } from '../dose';
import type { Person, PersonCondition } from '../people';

/** Pain up to here is comfortable, up to the next acceptable if settled, above it a stop (Thomee 1997). */
const COMFORTABLE_PAIN = 2;
export const ACCEPTABLE_PAIN = 5;
/** Stiff for longer than this in the morning asks for a longer warm-up, minutes. */
const LONG_STIFFNESS_MIN = 30;

const pain = z.number().int('Pain is a whole number').min(0, 'Pain is 0 to 10').max(10, 'Pain is 0 to 10');

const hands = z.enum(['L', 'R', 'both']);

/** What is asked at the door; null is not asked. */
export const checkInSchema = z.strictObject({
  painLeft: pain.nullable(),
  painRight: pain.nullable(),
  stiffnessMin: z
    .number()
    .int('Minutes are whole')
    .min(0, 'Minutes are 0 or more')
    .max(600, 'At most 600 minutes')
    .nullable(),
  /** New trouble that has not been looked into. */
  anythingNew: z.boolean(),
  /** A fall since the last class, with pain and no X-ray: that arm rests until seen. */
  fellHand: hands.nullable(),
  /** Hot or swollen today. */
  hotHand: hands.nullable().default(null),
  /** Numb or tingling since the last class, and not before. */
  numbHand: hands.nullable().default(null),
  /** Unwell or light-headed today. */
  unwell: z.boolean().default(false),
  /** Expected, and has not come. */
  notHere: z.boolean().default(false),
  words: z.string().trim().max(200, 'Keep it under 200 characters'),
});
export type CheckIn = Immutable<z.infer<typeof checkInSchema>>;

export const NOTHING_NEW: CheckIn = {
  painLeft: null,
  painRight: null,
  stiffnessMin: null,
  anythingNew: false,
  fellHand: null,
  hotHand: null,
  numbHand: null,
  unwell: false,
  notHere: false,
  words: '',
};

/** All well but for what was said already: no answer is replaced. */
export const restWell = (said: CheckIn): CheckIn => ({
  ...said,
  painLeft: said.painLeft ?? 0,
  painRight: said.painRight ?? 0,
  stiffnessMin: said.stiffnessMin ?? 0,
});

export const saysNothing = (said: CheckIn): boolean =>
  (Object.keys(NOTHING_NEW) as (keyof CheckIn)[]).every((key) => said[key] === NOTHING_NEW[key]);

/** What somebody said at the door in a few words: "pain 6 left, 2 right; hot; fell"; nothing where all is well. */
export function saidWords(said: CheckIn): string {
  if (said.notHere) return 'not here';
  const pain = [
    (said.painLeft ?? 0) > 0 && `${said.painLeft} left`,
    (said.painRight ?? 0) > 0 && `${said.painRight} right`,
  ].filter(Boolean);
  return [
    pain.length > 0 && `pain ${pain.join(', ')}`,
    said.hotHand && 'hot',
    said.numbHand && 'numb',
    said.fellHand && 'fell',
    said.unwell && 'unwell',
    said.anythingNew && 'something new',
  ]
    .filter(Boolean)
    .join('; ');
}

/** Pain that is more than acceptable, which is said where it is entered; null where there is none. */
export const painTooHigh = (...scores: readonly (number | null)[]): number | null => {
  const worst = Math.max(...scores.map((score) => score ?? 0));
  return worst > ACCEPTABLE_PAIN ? worst : null;
};

/**
 * The person as they are today: a painful hand is sore or in flare whatever the record says, a hot or swollen one is in flare, a
 * fall rests its arm, new numbness and feeling unwell leave gentle movement, stiffness asks for a smaller start, something new
 * makes work against something wait for an answer. Nothing gets better by a check-in.
 */
export function asToday(person: Person, checkIn: CheckIn | undefined): Person {
  if (!checkIn) return person;
  const said = [
    ...painful('L', checkIn.painLeft),
    ...painful('R', checkIn.painRight),
    ...(checkIn.hotHand ? [today('hot-today', checkIn.hotHand, 'flare')] : []),
    ...(checkIn.numbHand ? [today('numb-today', checkIn.numbHand)] : []),
    ...(checkIn.unwell ? [today('unwell-today', 'none')] : []),
    ...(checkIn.anythingNew ? [today('new-today', 'none')] : []),
    ...(checkIn.fellHand ? [today('fall', checkIn.fellHand)] : []),
    ...((checkIn.stiffnessMin ?? 0) > LONG_STIFFNESS_MIN ? [today('stiff-today', 'none')] : []),
  ];
  const isKnown = (one: PersonCondition) =>
    person.conditions.some(
      (c) => c.conditionId === one.conditionId && c.side === one.side && c.state === one.state,
    );
  const added = said.filter((one) => !isKnown(one));
  return added.length === 0 ? person : { ...person, conditions: [...person.conditions, ...added] };
}

function painful(hand: Hand, score: number | null): readonly PersonCondition[] {
  if (score === null || score <= COMFORTABLE_PAIN) return [];
  return [today('painful-today', hand, score > ACCEPTABLE_PAIN ? 'flare' : 'sore')];
}

const today = (
  conditionId: string,
  side: PersonCondition['side'],
  state: PersonCondition['state'] = 'settled',
): PersonCondition => ({ conditionId, side, state, since: null, spots: [] });
