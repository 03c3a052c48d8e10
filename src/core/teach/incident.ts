import { z } from 'zod';
import type { Immutable } from '../frozen';
import type { PersonCondition } from '../people';

/** Signs at which a class stops for somebody. */
export const STOP_SIGNS = [
  'sharp or shooting pain',
  'new numbness or tingling that stays',
  'light-headedness, chest discomfort, breathlessness',
  'a joint suddenly hot, swollen or misshapen',
  'a pop with weakness',
  'any fall',
] as const;
type StopSign = (typeof STOP_SIGNS)[number];

/** Chosen where none of the signs fits; what was seen is then said in words. */
export const SOMETHING_ELSE = 'something else';

/** Signs that are no emergency, but ask for advice. */
export const ADVICE_SIGNS = [
  'no improvement, or getting worse, after three to four weeks of regular practice',
  'more pain than before class two hours later or the next morning, two classes in a row',
  'morning stiffness growing',
  'grip clearly down',
  'new loss of feeling or coordination',
] as const;

export const CALLED = [
  'nobody',
  'first aid',
  'family or carer',
  'a clinician',
  'the emergency number',
] as const;

export const incidentSchema = z.strictObject({
  id: z.uuid('That is not an incident'),
  personId: z.uuid('That is not a person').nullable(),
  /** One of the signs, or what was seen instead. */
  sign: z.string().trim().min(1, 'Say what was seen').max(120, 'Keep it under 120 characters'),
  what: z.string().trim().min(1, 'Say what happened').max(1000, 'Keep it under 1,000 characters'),
  done: z.string().trim().max(1000, 'Keep it under 1,000 characters'),
  /** On the wall clock; missing where nobody said, and then when it was kept. */
  happenedAt: z
    .string()
    .regex(/^([01]\d|2[0-3]):[0-5]\d$/, 'Write the time as hours and minutes, as in 10:45')
    .nullish(),
  /** Who was called; empty where nobody said. */
  called: z.string().trim().max(200, 'Keep it under 200 characters').optional(),
});
export type Incident = Immutable<z.infer<typeof incidentSchema>>;

/** What a sign means for somebody's record until a clinician has seen them; it says nothing of the cause. */
type Implied = Pick<PersonCondition, 'conditionId' | 'state'> & {
  /** Belongs to one hand or both. */
  readonly sided: boolean;
  readonly words: string;
};

const UNSEEN_HAND = {
  conditionId: 'hand-unseen',
  state: 'not cleared',
  sided: true,
  words: 'that hand rests until a clinician has seen it',
} as const;

const IMPLIED: Readonly<Record<StopSign, Implied>> = {
  'sharp or shooting pain': UNSEEN_HAND,
  'new numbness or tingling that stays': UNSEEN_HAND,
  'light-headedness, chest discomfort, breathlessness': {
    conditionId: 'illness-unseen',
    state: 'not cleared',
    sided: false,
    words: 'seated and gentle only, until a clinician has seen them',
  },
  'a joint suddenly hot, swollen or misshapen': {
    conditionId: 'hand-unseen',
    state: 'flare',
    sided: true,
    words: 'as in a flare: gentle movement only, until it has settled',
  },
  'a pop with weakness': UNSEEN_HAND,
  'any fall': {
    conditionId: 'fall',
    state: 'not cleared',
    sided: true,
    words: 'that arm rests until a clinician has seen it',
  },
};

/** What an incident proposes for the record; null for what is none of the signs. */
export const impliedBy = (sign: string): Implied | null =>
  Object.hasOwn(IMPLIED, sign) ? IMPLIED[sign as StopSign] : null;
