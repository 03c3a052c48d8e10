import { z } from 'zod';
import type { Immutable } from '@/core/frozen';
import { changesBetween, isCounted, measureSchema, MAX_MEASURES, type Measure } from '@/core/people';
import { fail, ok, type Result } from '@/core/result';
import type { Db } from '@/store/db';
import { addChanges, findPerson, putMeasures } from '@/store/people';
import { idFrom } from '../shell/ids';
import { NAMES } from '../people/people';
import { isDemoData, withMark } from './simulated';

export const readingsSchema = z.strictObject({
  measures: z
    .array(measureSchema)
    .min(1, 'Write down at least one measure')
    .max(40, 'At most 40 measures at once'),
});

/** Put measures on a person's record; what was measured of the same hand on the same day is replaced. */
export async function keepMeasures(
  db: Db,
  rawId: string | undefined,
  sent: Immutable<z.infer<typeof readingsSchema>>,
  isDemo = isDemoData(),
): Promise<Result<{ kept: number }>> {
  const id = idFrom(rawId, 'person');
  if (!id.ok) return id;
  const person = await findPerson(db, id.value);
  if (!person) return fail('not-found', 'There is no such person.');
  const { id: _id, archived: _archived, ...before } = person;
  const measures = besideReal(
    before.measures,
    sent.measures.map((m) => withMark(m, isDemo)),
  );
  const after = { ...before, measures: withMeasures(before.measures, measures) };
  if (after.measures.length > MAX_MEASURES)
    return fail(
      'too-many',
      `${person.firstName} would have over ${MAX_MEASURES.toLocaleString('en')} measures, more than a record holds. Nothing was kept.`,
    );
  await db.transaction(async (tx) => {
    await putMeasures(tx, person.id, lastOfEach(measures));
    await addChanges(tx, person.id, changesBetween(before, after, NAMES));
  });
  return ok({ kept: measures.length });
}

/** Those that may be put in: one that does not count never takes the place of one that does. */
export const besideReal = (before: readonly Measure[], added: readonly Measure[]): Measure[] =>
  added.filter((m) => isCounted(m) || !before.some((b) => isCounted(b) && sameDayAndHand(m)(b)));

/** Measures with newer ones put in, one a day of each kind and hand. */
export function withMeasures(before: readonly Measure[], added: readonly Measure[]): Measure[] {
  const last = lastOfEach(added);
  return [...before.filter((m) => !last.some(sameDayAndHand(m))), ...last];
}

/** One a day of each kind and hand: the last said. */
const lastOfEach = (measures: readonly Measure[]): Measure[] =>
  measures.filter((m, i) => !measures.slice(i + 1).some(sameDayAndHand(m)));

const sameDayAndHand = (a: Measure) => (b: Measure) =>
  a.kind === b.kind && a.hand === b.hand && a.on === b.on;
