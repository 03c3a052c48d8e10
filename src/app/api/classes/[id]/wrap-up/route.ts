import { jsonRoute } from '@/server/shell/http';
import { wrapUpChangeSchema } from '@/core/teach';
import { writeUp } from '@/server/teaching/wrap-up';

export const PUT = jsonRoute(wrapUpChangeSchema, (db, wrapUp, { id }) => writeUp(db, id, wrapUp));
