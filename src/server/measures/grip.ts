import { changesBetween, type Measure } from '@/core/people';
import { HANDS, peaksOf, type GripTest } from '@/core/measure';
import { fail, ok, type Result } from '@/core/result';
import type { Db } from '@/store/db';
import { addGripTest } from '@/store/grip';
import { addChanges, findPerson, putMeasures } from '@/store/people';
import { idFrom, newId } from '../shell/ids';
import { besideReal, withMeasures } from './measures';
import { isDemoData, withMark } from './simulated';
import { NAMES } from '../people/people';

/** Keep a test with all its tries, and put the best of each hand on the record, which prop fit and load go by where it counts. */
export async function keepGripTest(
  db: Db,
  rawId: string | undefined,
  sent: GripTest,
  isDemo = isDemoData(),
): Promise<Result<object>> {
  const test = withMark(sent, isDemo);
  const id = idFrom(rawId, 'person');
  if (!id.ok) return id;
  const person = await findPerson(db, id.value);
  if (!person) return fail('not-found', 'There is no such person.');
  const { id: _id, archived: _archived, ...before } = person;
  const bestOfEach = HANDS.flatMap((hand): Measure[] => {
    const peaks = peaksOf(test, hand);
    const { simulated, instrument } = test;
    return peaks.length > 0
      ? [
          {
            hand,
            kind: 'grip',
            value: Math.max(...peaks),
            on: test.day,
            ...(simulated && { simulated }),
            ...(instrument && { instrument }),
          },
        ]
      : [];
  });
  const best = besideReal(before.measures, bestOfEach);
  const after = { ...before, measures: withMeasures(before.measures, best) };
  await db.transaction(async (tx) => {
    await addGripTest(tx, newId(), person.id, test);
    await putMeasures(tx, person.id, best);
    await addChanges(tx, person.id, changesBetween(before, after, NAMES));
  });
  return ok({});
}
