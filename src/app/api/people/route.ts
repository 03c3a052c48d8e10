import { jsonRoute } from '@/server/http';
import { addPerson, personFieldsSchema } from '@/server/people';

export const POST = jsonRoute(personFieldsSchema, (db, fields) => addPerson(db, fields));
