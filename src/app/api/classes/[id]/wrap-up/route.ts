import { jsonRoute } from '@/server/http';
import { wrapUpChangeSchema, writeUp } from '@/server/wrap-up';

export const PUT = jsonRoute(wrapUpChangeSchema, (db, wrapUp, { id }) => writeUp(db, id, wrapUp));
