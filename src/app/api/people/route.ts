import { jsonRoute } from '@/server/shell/http';
import { addPerson } from '@/server/people/people';
import { personFieldsSchema } from '@/core/people';

export const POST = jsonRoute(personFieldsSchema, (db, fields) => addPerson(db, fields));
