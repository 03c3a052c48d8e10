import { z } from 'zod';

/** Dates in the core are ISO days, "2026-11-24", compared as text. */
export const daySchema = z
  .string()
  .regex(/^\d{4}-(0[1-9]|1[0-2])-(0[1-9]|[12]\d|3[01])$/, 'Write the date as year-month-day');

export const CONDITION_STATES = ['settled', 'sore', 'flare', 'not cleared'] as const;
export type ConditionState = (typeof CONDITION_STATES)[number];

/** What a clinician allowed. `hand` is all work with that hand. */
export const CLEARANCE_SCOPES = ['hand', 'stretch', 'resisted', 'loading'] as const;
export type ClearanceScope = (typeof CLEARANCE_SCOPES)[number];

export const personConditionSchema = z.strictObject({
  conditionId: z.string().min(1, 'Choose a condition').max(60),
  side: z.enum(['L', 'R', 'both', 'none']),
  state: z.enum(CONDITION_STATES),
  since: daySchema.nullable(),
});
export type PersonCondition = z.infer<typeof personConditionSchema>;

export const clearanceSchema = z
  .strictObject({
    scope: z.enum(CLEARANCE_SCOPES),
    by: z.string().trim().min(1, 'Say who cleared it').max(80, 'Keep the name under 80 characters'),
    on: daySchema,
    until: daySchema.nullable(),
    what: z.string().trim().max(200, 'Keep it under 200 characters'),
  })
  .refine((c) => c.until === null || c.until >= c.on, {
    path: ['until'],
    message: 'The end date is before the start',
  });
export type Clearance = z.infer<typeof clearanceSchema>;

export const personFieldsSchema = z.strictObject({
  firstName: z
    .string()
    .trim()
    .min(1, 'A first name or nickname is needed')
    .max(40, 'Keep the name under 40 characters'),
  initial: z
    .string()
    .trim()
    .max(1, 'One letter is enough')
    .regex(/^\p{L}?$/u, 'The initial is one letter'),
  dominantHand: z.enum(['L', 'R']),
  screened: z.boolean(),
  /** 0 independent, 1 reminded, 2 light help placing the hand, 3 supported throughout. */
  assistance: z.number().int().min(0, 'Assistance is 0 to 3').max(3, 'Assistance is 0 to 3'),
  wantedTask: z.string().trim().max(120, 'Keep the task under 120 characters'),
  notes: z.string().trim().max(1000, 'Keep notes under 1,000 characters'),
  conditions: z.array(personConditionSchema).max(20, 'At most 20 conditions'),
  clearances: z.array(clearanceSchema).max(10, 'At most 10 clearances'),
});
export type PersonFields = z.infer<typeof personFieldsSchema>;

export type Person = PersonFields & { readonly id: string; readonly archived: boolean };

export const fullName = (p: Pick<Person, 'firstName' | 'initial'>): string =>
  p.initial ? `${p.firstName} ${p.initial}` : p.firstName;

/** A clearance counts on its days only, [on, until]. */
export function isCleared(person: PersonFields, scope: ClearanceScope, today: string): boolean {
  return person.clearances.some(
    (c) => c.scope === scope && c.on <= today && (c.until === null || today <= c.until),
  );
}

/** People at assistance 3 need a helper each; at 2, one helper can place the hands of two. */
export function helpersNeeded(people: readonly Pick<Person, 'assistance'>[]): number {
  const level = (n: number) => people.filter((p) => p.assistance === n).length;
  return level(3) + Math.ceil(level(2) / 2);
}
