import { database } from './database';
import { answered, guarded, jsonRoute, ownPages, readJson } from './http';
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
import { refused, withCookie } from './lock/routes';
import { instructorOf } from './lock/whose';

/** The first names themselves and is let in under that name; a coordinator adds the others. The gate lets nobody else so far. */
export const newInstructor = guarded(ownPages, async (_, request) => {
  const body = await readJson(request, instructorSchema);
  if (!body.ok) return body.response;
  const db = await database();
  if (!(await instructorOf(request.headers))) {
    const first = await nameFirst(db, body.value);
    return first.ok ? withCookie(request, first.value) : refused(first);
  }
  const added = await addAnother(db, body.value);
  return added.ok ? Response.json(added.value) : refused(added, 409);
});

export const changeOne = guarded(ownPages, async (_, request, { id }) => {
  const body = await readJson(request, instructorChangeSchema);
  if (!body.ok) return body.response;
  const by = await instructorOf(request.headers);
  return answered(await changeInstructor(await database(), id, body.value, by?.id ?? null));
});

export const takeOneAway = jsonRoute(heirSchema, async (_, heir, { id }) =>
  takeAwayInstructor(await database(), id, heir),
);

export const sharePerson = jsonRoute(sharedSchema, (seen, body, { id }) => share(seen, 'person', id, body));
export const shareClass = jsonRoute(sharedSchema, (seen, body, { id }) => share(seen, 'class', id, body));
