import { database } from '../shell/database';
import { answered, failed, guarded, jsonRoute, readJson } from '../shell/http';
import {
  addAnother,
  changeInstructor,
  heirSchema,
  instructorChangeSchema,
  instructorSchema,
  nameFirst,
  share,
  sharedSchema,
  takeAwayInstructor,
} from './instructors';
import { withSession } from '../lock/routes';
import { callerOf } from '../lock/tries';
import { instructorWho } from '../lock/request-identity';

/** The first names themselves and is let in under that name; a coordinator adds the others. The gate lets nobody else so far. */
export const newInstructor = guarded(async ({ request, asker }) => {
  const body = await readJson(request, instructorSchema);
  if (!body.ok) return body.response;
  const db = await database();
  if (!(await instructorWho(asker))) {
    const first = await nameFirst(db, body.value, callerOf(request.headers));
    return first.ok ? withSession(request, first.value) : failed(first);
  }
  return answered(await addAnother(db, body.value));
});

export const changeOne = guarded(async ({ request, asker, params: { id } }) => {
  const body = await readJson(request, instructorChangeSchema);
  if (!body.ok) return body.response;
  const by = asker.kind === 'instructor' ? asker.id : null;
  return answered(await changeInstructor(await database(), id, body.value, by));
});

export const takeOneAway = jsonRoute(heirSchema, async (_, heir, { id }) =>
  takeAwayInstructor(await database(), id, heir),
);

export const sharePerson = jsonRoute(sharedSchema, (seen, body, { id }) => share(seen, 'person', id, body));
export const shareClass = jsonRoute(sharedSchema, (seen, body, { id }) => share(seen, 'class', id, body));
