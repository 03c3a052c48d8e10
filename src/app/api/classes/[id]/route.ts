import { changeDetails, newClassSchema } from '@/server/classes';
import { jsonRoute } from '@/server/http';

export const PUT = jsonRoute(newClassSchema, (db, fields, { id }) => changeDetails(db, id, fields));
