import { z } from 'zod';
import { jsonRoute } from '@/server/http';
import { changeTerm, removeTerm, termSchema } from '@/server/terms';

export const PUT = jsonRoute(termSchema, (db, body, { id }) => changeTerm(db, id, body));
export const DELETE = jsonRoute(z.strictObject({}), (db, _, { id }) => removeTerm(db, id));
