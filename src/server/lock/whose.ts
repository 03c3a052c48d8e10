import { headers } from 'next/headers';
import type { Asker } from '@/core/lock/passes';
import type { Db } from '@/store/db';
import { findInstructor, hasInstructors, type Instructor } from '@/store/instructors';
import { seenBy } from '@/store/scoped';
import { tokenHolder } from '../api/token';
import { database } from '../database';

const WHO = 'x-oskil-who';
const INSTRUCTOR = 'x-oskil-instructor';
const CLASS = 'x-oskil-class';

/** Who asks, put on a request by the gate; whatever it carried before is overwritten. */
export function sayWho(to: Headers, asker: Asker): void {
  to.set(WHO, asker.kind);
  to.delete(INSTRUCTOR);
  to.delete(CLASS);
  if (asker.kind === 'helper') to.set(CLASS, asker.classId);
  if (asker.kind === 'instructor' && asker.id !== null) to.set(INSTRUCTOR, asker.id);
}

export const whoAsks = async (): Promise<Asker['kind']> => kindIn(await headers());

const kindIn = (of: Headers): Asker['kind'] => (of.get(WHO) as Asker['kind'] | null) ?? 'nobody';

/** The class that a helper was let in for; null for anybody else. */
export const helpersClass = async (): Promise<string | null> => (await headers()).get(CLASS);

/** Sees nothing but what is shared by all. */
const NOBODY = '00000000-0000-0000-0000-000000000000';

/** The data as whoever asks sees it. */
export async function dataFor(of: Headers): Promise<Db> {
  const db = await database();
  const id = of.get(INSTRUCTOR);
  if (id !== null) return seenBy(db, id);
  // A helper reaches one class and what the room sees, which the gate has looked at.
  if (kindIn(of) !== 'nobody' || !(await hasInstructors(db))) return db;
  const holder = await tokenHolder(db, of.get('authorization'));
  return seenBy(db, holder?.instructorId ?? NOBODY);
}

/** The data of a page, as whoever opened it sees it. */
export const pageData = async (): Promise<Db> => dataFor(await headers());

/** The instructor who asks; null while there are none by name. */
export async function instructorOf(of: Headers): Promise<Instructor | null> {
  const id = of.get(INSTRUCTOR);
  return id === null ? null : findInstructor(await database(), id);
}

export const instructorHere = async (): Promise<Instructor | null> => instructorOf(await headers());
