import { z } from 'zod';
import { jsonRoute } from '@/server/shell/http';
import { changeTerm, removeTerm } from '@/server/terms/terms';
import { termSchema } from '@/core/term';

export const PUT = jsonRoute(termSchema, (db, body, { id }) => changeTerm(db, id, body));
export const DELETE = jsonRoute(z.strictObject({}), (db, _, { id }) => removeTerm(db, id));
