import { z } from 'zod';
import type { Immutable } from '@/core/frozen';
import { fail, ok, type Result } from '@/core/result';
import { findBlock } from '@/store/blocks';
import { findClass } from '@/store/classes';
import type { Db } from '@/store/db';
import { ownership } from '@/store/instructors';
import { classesIn, findTakenAway, putBack, takeAway, type TakenKind } from '@/store/taken-away';
import { idFrom } from '../shell/ids';

export const takeClassSchema = z.strictObject({ what: z.enum(['class', 'series']) });

/** What was taken away, by the id that puts it back. */
export type Taken = { readonly id: string; readonly name: string };

/**
 * Take away a class, or every class of its series with the terms. The only class of a series takes the series with it. `seen` is the
 * data as the instructor sees it, `whole` all of it: a class goes with everybody's marks.
 */
export async function takeClassAway(
  seen: Db,
  whole: Db,
  rawId: string | undefined,
  { what }: Immutable<z.infer<typeof takeClassSchema>>,
): Promise<Result<Taken>> {
  const id = idFrom(rawId, 'class');
  if (!id.ok) return id;
  const info = await findClass(seen, id.value);
  if (!info) return fail('not-found', 'There is no such class.');
  const owned = await ownership(seen, 'series', info.seriesId);
  if (!owned?.mine)
    return fail(
      'not-yours',
      'Only the instructor whose class it is can take it away. Nothing was taken away.',
    );
  const ofSeries = await classesIn(whole, info.seriesId);
  const kind = what === 'series' || ofSeries.length === 1 ? 'series' : 'class';
  const underWay = ofSeries.find((c) => c.underWay && (kind === 'series' || c.id === info.id));
  if (underWay)
    return fail(
      'teaching',
      `Week ${underWay.week} of ${info.name} is being taught. End it first; nothing was taken away.`,
    );
  const name = kind === 'series' ? info.name : `${info.name}, week ${info.week}`;
  const takenId = kind === 'series' ? info.seriesId : info.id;
  const { day } = info;
  await takeAway(whole, {
    id: takenId,
    kind,
    name,
    day: kind === 'class' ? day : null,
    ownerId: owned.ownerId,
  });
  return ok({ id: takenId, name });
}

export async function takeBlockAway(whole: Db, rawId: string | undefined): Promise<Result<Taken>> {
  const id = idFrom(rawId, 'block');
  if (!id.ok) return id;
  const block = await findBlock(whole, id.value);
  if (!block) return fail('not-found', 'There is no such block.');
  await takeAway(whole, { id: block.id, kind: 'block', name: block.name, day: null, ownerId: null });
  return ok({ id: block.id, name: block.name });
}

/** Put back what was taken away, with all that hung on it. */
export async function putTakenBack(seen: Db, whole: Db, rawId: string | undefined): Promise<Result<Taken>> {
  const id = idFrom(rawId, 'record');
  if (!id.ok) return id;
  const taken = await findTakenAway(seen, id.value);
  if (!taken) return fail('not-found', 'It is there again, or it is too long ago to put it back.');
  try {
    await putBack(whole, taken.id);
  } catch (error) {
    const why = IN_THE_WAY[(error as { code?: string }).code ?? '']?.[taken.kind];
    if (!why) throw error;
    return fail('exists', `${taken.name} was not put back: ${why}`);
  }
  return ok({ id: taken.id, name: taken.name });
}

/** Why something does not go back, by what the database says: a row of the same kind is there, or what it belongs to is not. */
const IN_THE_WAY: Readonly<Record<string, Readonly<Partial<Record<TakenKind, string>>>>> = {
  '23505': {
    class: 'there is another class of the series on that day now.',
    block: 'there is another block of that name now.',
  },
  '23503': { class: 'its series was taken away after it. Put the series back first.' },
};
