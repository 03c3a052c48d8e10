import { z } from 'zod';
import type { Immutable } from '@/core/frozen';
import { fail, ok, type Result } from '@/core/result';
import type { Db } from '@/store/db';
import {
  addInstructor,
  countsByOwner,
  findInstructor,
  hasInstructors,
  listInstructors,
  ownership,
  removeInstructor,
  saveOwnPassphrase,
  NOT_SHARED,
  setCoordinator,
  setShared,
  SHARED,
  shareAll,
  adoptOrphans,
  type Instructor,
  type Shareable,
} from '@/store/instructors';
import { readyRole } from '@/store/scoped';
import { oneByOne } from '@/store/guesses';
import { loadPassphrase, removePassphrase } from '@/store/sessions';
import { findClass } from '@/store/classes';
import { addChanges } from '@/store/people';
import { giveToken } from '@/store/tokens';
import { idFrom, newId } from '../shell/ids';
import { mixesAlphabets, plainName } from '@/core/lock';
import { checkPassphrase, letIn, newPassphrase } from '../lock/lock';
import { aimAt, type Caller } from '../lock/tries';
import { hashPassphrase } from '../lock/passphrase';
import { giveOwnSettings } from '../shell/settings';

export const instructorSchema = z.strictObject({
  name: z
    .string()
    .max(200, 'At most 40 letters')
    .transform(plainName)
    .pipe(z.string().min(1, 'Type a name').max(40, 'At most 40 letters'))
    .refine((name) => !mixesAlphabets(name), 'Type the name in letters of one alphabet'),
  passphrase: newPassphrase,
});
type NewInstructor = Immutable<z.infer<typeof instructorSchema>>;

/**
 * The first instructor by name: whoever has been using Oskil. All that is here becomes theirs, and the one passphrase, where
 * there was one, becomes their own. Returns the token of their session.
 */
export async function nameFirst(
  db: Db,
  { name, passphrase }: NewInstructor,
  from: Caller,
): Promise<Result<{ token: string }>> {
  if (await hasInstructors(db)) return THERE;
  const kept = await loadPassphrase(db);
  const wrong = kept === null ? null : await checkPassphrase(db, passphrase, kept, aimAt(''), from);
  if (wrong) return wrong;
  try {
    await readyRole(db);
  } catch (error) {
    if ((error as { code?: string }).code !== '42501') throw error;
    return fail(
      'no-role',
      'The database server does not let Oskil make a role, which it needs to keep instructors apart. Nothing was changed.',
    );
  }
  const id = newId();
  const hash = kept ?? (await hashPassphrase(passphrase));
  return db.transaction(async (tx) => {
    await oneByOne(tx);
    if (await hasInstructors(tx)) return THERE;
    await addInstructor(tx, { id, name, coordinator: true }, hash);
    await adoptOrphans(tx, id);
    await giveToken(tx, id);
    await giveOwnSettings(tx, id);
    await removePassphrase(tx);
    return ok({ token: await letIn(tx, id) });
  });
}
const THERE = fail('exists', 'There are instructors by name already.');

export async function addAnother(
  db: Db,
  { name, passphrase }: NewInstructor,
): Promise<Result<{ id: string }>> {
  const id = newId();
  const added = await addInstructor(db, { id, name, coordinator: false }, await hashPassphrase(passphrase));
  return added ? ok({ id }) : fail('exists', `There is an instructor called ${name} already.`);
}

export const instructorChangeSchema = z.discriminatedUnion('type', [
  z.strictObject({ type: z.literal('coordinator'), coordinator: z.boolean() }),
  /** Where one was forgotten. */
  z.strictObject({ type: z.literal('passphrase'), passphrase: newPassphrase }),
  /** Where somebody is ill and others take their classes. */
  z.strictObject({ type: z.literal('share all') }),
]);

/** What a coordinator does for another instructor. */
export async function changeInstructor(
  db: Db,
  rawId: string | undefined,
  change: Immutable<z.infer<typeof instructorChangeSchema>>,
  byId: string | null,
): Promise<Result<object>> {
  const one = await instructorWith(db, rawId);
  if (!one.ok) return one;
  const { id } = one.value;
  if (change.type === 'share all') await shareAll(db, id, byId);
  if (change.type === 'passphrase') await saveOwnPassphrase(db, id, await hashPassphrase(change.passphrase));
  if (change.type === 'coordinator') {
    if (!change.coordinator && (await isLastCoordinator(db, id))) return LAST;
    await setCoordinator(db, id, change.coordinator);
  }
  return ok({});
}

export const heirSchema = z.strictObject({ heirId: z.string() });

/** Somebody leaves: what was theirs becomes another's. */
export async function takeAwayInstructor(
  db: Db,
  rawId: string | undefined,
  { heirId }: Immutable<z.infer<typeof heirSchema>>,
): Promise<Result<object>> {
  const [one, heir] = [await instructorWith(db, rawId), await instructorWith(db, heirId)];
  if (!one.ok) return one;
  if (!heir.ok || heir.value.id === one.value.id)
    return fail('bad-input', 'Say who takes over the classes and people. Nothing was changed.');
  if (await isLastCoordinator(db, one.value.id)) return LAST;
  await removeInstructor(db, one.value.id, heir.value.id);
  return ok({});
}

const LAST = fail('last', 'Somebody has to be the coordinator. Make another one first. Nothing was changed.');

async function isLastCoordinator(db: Db, id: string): Promise<boolean> {
  return (await listInstructors(db)).every((i) => i.id === id || !i.coordinator);
}

async function instructorWith(db: Db, rawId: string | undefined): Promise<Result<Instructor>> {
  const id = idFrom(rawId, 'instructor');
  if (!id.ok) return id;
  const one = await findInstructor(db, id.value);
  return one ? ok(one) : fail('not-found', 'There is no such instructor.');
}

export type InstructorLine = Instructor & { readonly groups: number; readonly people: number };

/** Every instructor, with how many groups and people they have. */
export async function instructorLines(db: Db): Promise<readonly InstructorLine[]> {
  const counts = await countsByOwner(db);
  return (await listInstructors(db)).map((i) => ({
    ...i,
    groups: counts.find((c) => c.id === i.id)?.groups ?? 0,
    people: counts.find((c) => c.id === i.id)?.people ?? 0,
  }));
}

export const sharedSchema = z.strictObject({ shared: z.boolean() });

/** Let every instructor see a person, or the classes of a group with the people in them; or no longer. */
export async function share(
  seen: Db,
  what: 'person' | 'class',
  rawId: string | undefined,
  { shared }: Immutable<z.infer<typeof sharedSchema>>,
): Promise<Result<object>> {
  const target = await sharedRow(seen, what, rawId);
  if (!target.ok) return target;
  const [table, id] = target.value;
  const now = await ownership(seen, table, id);
  if (!now) return fail('not-found', 'There is no such person.');
  if (!now.mine)
    return fail('not-yours', 'Only the instructor whose it is can share it. Nothing was changed.');
  await setShared(seen, table, id, shared);
  if (what === 'person' && now.shared !== shared) await addChanges(seen, id, [shared ? SHARED : NOT_SHARED]);
  return ok({});
}

/** What a screen says about whose this is; null while there are no instructors by name. */
export type Sharing = {
  readonly shared: boolean;
  readonly broughtAlong: boolean;
  readonly mine: boolean;
  readonly owner: string;
};

export async function sharingOf(seen: Db, what: 'person' | 'class', rawId: string): Promise<Sharing | null> {
  const instructors = await listInstructors(seen);
  const target = instructors.length === 0 ? null : await sharedRow(seen, what, rawId);
  const now = target?.ok ? await ownership(seen, ...target.value) : null;
  if (!now) return null;
  const owner = instructors.find((i) => i.id === now.ownerId)?.name ?? 'another instructor';
  const { shared, broughtAlong, mine } = now;
  return { shared, broughtAlong, mine, owner };
}

async function sharedRow(
  seen: Db,
  what: 'person' | 'class',
  rawId: string | undefined,
): Promise<Result<readonly [Shareable, string]>> {
  const id = idFrom(rawId, what);
  if (!id.ok) return id;
  if (what === 'person') return ok(['person', id.value]);
  const info = await findClass(seen, id.value);
  return info ? ok(['series', info.seriesId]) : fail('not-found', 'There is no such class.');
}
