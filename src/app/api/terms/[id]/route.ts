import { jsonRoute } from '@/server/http';
import { changeTerm, termSchema } from '@/server/terms';

export const PUT = jsonRoute(termSchema, (db, body, { id }) => changeTerm(db, id, body));
