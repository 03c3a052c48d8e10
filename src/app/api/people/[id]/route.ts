import { database } from '@/server/database';
import { eraseForGood, eraseSchema } from '@/server/erase';
import { jsonRoute } from '@/server/http';
import { changePerson, personFieldsSchema } from '@/server/people';

export const PUT = jsonRoute(personFieldsSchema, (db, fields, { id }) => changePerson(db, id, fields));
export const DELETE = jsonRoute(eraseSchema, async (db, body, { id }) =>
  eraseForGood(db, await database(), id, body),
);
