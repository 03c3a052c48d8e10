import { z } from 'zod';

const said = (max: number, what: string) =>
  z.string().trim().min(1).max(max, `Keep ${what} under ${max} characters`).optional();

/** What an instructor says of a row in words of their own. */
export const rowWordsSchema = z.strictObject({
  name: said(60, 'the name'),
  goodFor: said(120, 'what it is for'),
  felt: said(120, 'where it is felt'),
});

export const effortOf10Schema = z
  .number('Effort is a number')
  .int('Effort is a whole number')
  .min(1, 'Effort is at least 1 of 10')
  .max(10, 'Effort is at most 10 of 10');

export const ownSetsSchema = z
  .array(
    z.strictObject({
      personId: z.string().min(1).max(60),
      sets: z.number().int().min(1, 'At least one set').max(6, 'At most 6 sets'),
    }),
  )
  .min(1)
  .max(40)
  .refine((all) => new Set(all.map((o) => o.personId)).size === all.length, 'One number of sets a person');
