import { z } from 'zod';

/** Signs at which a class stops for somebody. */
export const STOP_SIGNS = [
  'sharp or shooting pain',
  'new numbness or tingling that stays',
  'light-headedness, chest discomfort, breathlessness',
  'a joint suddenly hot, swollen or misshapen',
  'a pop with weakness',
  'any fall',
] as const;

/** Signs that ask for advice, though not today. */
export const ADVICE_SIGNS = [
  'no forward change after three to four weeks of regular practice, or worse',
  'pain still up two hours after class or next morning, twice running',
  'morning stiffness growing',
  'grip clearly down',
  'new loss of feeling or coordination',
] as const;

export const incidentSchema = z.strictObject({
  id: z.uuid('That is not an incident'),
  personId: z.uuid('That is not a person').nullable(),
  sign: z.string().trim().min(1, 'Say what was seen').max(120, 'Keep it under 120 characters'),
  what: z.string().trim().min(1, 'Say what happened').max(1000, 'Keep it under 1,000 characters'),
  done: z.string().trim().max(1000, 'Keep it under 1,000 characters'),
});
export type Incident = z.infer<typeof incidentSchema>;
