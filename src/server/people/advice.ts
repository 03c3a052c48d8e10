import { adviceNote, type Person } from '@/core/people';
import type { Db } from '@/store/db';
import { incidentsOfPerson } from '@/store/incidents';
import { classLinesOf } from '@/store/wrap-ups';
import { settingsNow } from '../shell/settings';

/** A note drafted from what is on record about one person. */
export async function draftNote(db: Db, person: Person, today: string): Promise<string> {
  const { noteFrom } = await settingsNow(db);
  return adviceNote({
    person,
    today,
    classes: await classLinesOf(db, person.id),
    incidents: await incidentsOfPerson(db, person.id),
    from: noteFrom,
  });
}
