import { jsonRoute } from '@/server/http';
import { changePerson, personFieldsSchema } from '@/server/people';

export const PUT = jsonRoute(personFieldsSchema, (db, fields, { id }) => changePerson(db, id, fields));
