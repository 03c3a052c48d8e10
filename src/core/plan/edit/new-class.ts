import { z } from 'zod';
import { daySchema } from '../../days';

/** What makes the first class of a series. Length in minutes. */
export const newClassSchema = z.strictObject({
  name: z.string().trim().min(1, 'Give the class a name').max(60, 'Keep the name under 60 characters'),
  place: z.string().trim().max(80, 'Keep the place under 80 characters'),
  day: daySchema,
  startsAt: z.string().regex(/^([01]\d|2[0-3]):[0-5]\d$/, 'Write the time as hours and minutes'),
  slotMinutes: z
    .number('The length is a number of minutes')
    .int('The length is in whole minutes')
    .min(10, 'A class is at least 10 minutes')
    .max(120, 'A class is at most 120 minutes'),
});
export type NewClassFields = z.infer<typeof newClassSchema>;
