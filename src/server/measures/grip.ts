import { changesBetween, type Measure } from '@/core/people';
import { HANDS, peaksOf, type GripTest } from '@/core/measure';
import { fail, ok, type Result } from '@/core/result';
import type { Db } from '@/store/db';
import { addGripTest } from '@/store/grip';
import { addChanges, findPerson, putMeasures } from '@/store/people';
import { idFrom, newId } from '../shell/ids';
import { withMeasures } from './measures';
import { NAMES } from '../people/people';

/** Keep a test with all its tries, and put the best of each hand on the record, which prop fit and load go by. */
export async function keepGripTest(
  db: Db,
  rawId: string | undefined,
  test: GripTest,
): Promise<Result<object>> {
  const id = idFrom(rawId, 'person');
  if (!id.ok) return id;
  const person = await findPerson(db, id.value);
  if (!person) return fail('not-found', 'There is no such person.');
  const { id: _id, archived: _archived, ...before } = person;
  const best = HANDS.flatMap((hand): Measure[] => {
    const peaks = peaksOf(test, hand);
    return peaks.length > 0 ? [{ hand, kind: 'grip', value: Math.max(...peaks), on: test.day }] : [];
  });
  const after = { ...before, measures: withMeasures(before.measures, best) };
  await db.transaction(async (tx) => {
    await addGripTest(tx, newId(), person.id, test);
    await putMeasures(tx, person.id, best);
    await addChanges(tx, person.id, changesBetween(before, after, NAMES));
  });
  return ok({});
}
