import { changeDetails } from '@/server/classes/classes';
import { newClassSchema } from '@/core/plan';
import { jsonRoute } from '@/server/shell/http';

export const PUT = jsonRoute(newClassSchema, (db, fields, { id }) => changeDetails(db, id, fields));
