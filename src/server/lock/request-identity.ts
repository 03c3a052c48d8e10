import { randomBytes, timingSafeEqual } from 'node:crypto';
import { headers } from 'next/headers';
import { notFound } from 'next/navigation';
import type { Asker } from '@/core/lock';
import type { Db } from '@/store/db';
import { findInstructor, hasInstructors, ownerOfClass, type Instructor } from '@/store/instructors';
import { dbForInstructor } from '@/store/scoped';
import { database } from '../shell/database';

/**
 * What the gate decided about a page travels to it on the request. It begins with a secret of this process, so that nobody else
 * can say it: Next loads this module several times, so the secret hangs on the process.
 */
const ASKER = 'x-oskil-asker';
const holder = globalThis as typeof globalThis & { oskilGateSecret?: string };
const secret = (): string => (holder.oskilGateSecret ??= randomBytes(32).toString('base64url'));

/** Who asks, put on a request by the gate; whatever it carried before is overwritten. */
export function setIdentityHeaders(to: Headers, asker: Asker): void {
  to.set(ASKER, `${secret()}.${JSON.stringify(asker)}`);
}

function askerIn(of: Headers): Asker {
  const said = of.get(ASKER) ?? '';
  const [given, wanted] = [said.slice(0, secret().length), secret()].map((s) => Buffer.from(s));
  const isOurs = given!.length === wanted!.length && timingSafeEqual(given!, wanted!);
  return isOurs ? (JSON.parse(said.slice(secret().length + 1)) as Asker) : { kind: 'nobody' };
}

/** Who opened this page; nobody, where it did not come through the gate. */
export const requesterKind = async (): Promise<Asker> => askerIn(await headers());

/** Sees nothing but what is shared by all. */
const NOBODY = '00000000-0000-0000-0000-000000000000';

/** The data as whoever asks sees it; null for nobody. */
export async function dbForRequest(asker: Asker): Promise<Db | null> {
  if (asker.kind === 'nobody') return null;
  const db = await database();
  // Who an instructor is, and whether there are any by name, the gate has just asked.
  if (asker.kind === 'instructor') return asker.id === null ? db : dbForInstructor(db, asker.id);
  return (await hasInstructors(db)) ? dbForInstructor(db, (await eyesOf(db, asker)) ?? NOBODY) : db;
}

/** With whose eyes data is seen where there are instructors by name. */
async function eyesOf(
  db: Db,
  asker: Exclude<Asker, { kind: 'nobody' | 'instructor' }>,
): Promise<string | null> {
  switch (asker.kind) {
    case 'program':
      return asker.instructorId;
    case 'helper':
    case 'tv':
      return ownerOfClass(db, asker.classId);
  }
}

/** The data of a page, as whoever opened it sees it. What did not come through the gate finds no page. */
export const pageData = async (): Promise<Db> => (await dbForRequest(await requesterKind())) ?? notFound();

/** All the data, for a page of coordinators. */
export async function everybodysData(): Promise<Db> {
  const asker = await requesterKind();
  return asker.kind === 'instructor' && asker.coordinator ? database() : notFound();
}

/** The instructor who asks; null while there are none by name. */
export const instructorWho = async (asker: Asker): Promise<Instructor | null> =>
  asker.kind === 'instructor' && asker.id !== null ? findInstructor(await database(), asker.id) : null;

/** The instructor who opened this page. */
export const instructorHere = async (): Promise<Instructor | null> => instructorWho(await requesterKind());
