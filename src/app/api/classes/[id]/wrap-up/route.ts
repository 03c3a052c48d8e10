import { jsonRoute } from '@/server/http';
import { wrapUpSchema, writeUp } from '@/server/wrap-up';

export const PUT = jsonRoute(wrapUpSchema, (db, wrapUp, { id }) => writeUp(db, id, wrapUp));
