import { resultsOf } from '@/core/measure';
import { adviceNote, type Person } from '@/core/people';
import { unitsOf } from '@/core/venue';
import type { Db } from '@/store/db';
import { incidentsOfPerson } from '@/store/incidents';
import { classLinesOf } from '@/store/wrap-ups';
import { loadGripTests } from '@/store/grip';
import { settingsNow } from '../shell/settings';
import { signsOf } from './warning-signs';

/** What asks for advice of one person, and a note drafted from what is on record. */
export async function adviceFor(
  db: Db,
  person: Person,
  today: string,
): Promise<{ readonly signs: readonly string[]; readonly note: string }> {
  const settings = await settingsNow(db);
  const results = resultsOf(person, await loadGripTests(db, person.id), 'best');
  const signs = (await signsOf(db, new Map([[person.id, results]]))).get(person.id) ?? [];
  const note = adviceNote({
    person,
    today,
    classes: await classLinesOf(db, person.id),
    incidents: await incidentsOfPerson(db, person.id),
    signs,
    units: unitsOf(settings),
    from: settings.noteFrom,
  });
  return { signs, note };
}
