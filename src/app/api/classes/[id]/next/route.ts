import { createNext, nextSchema } from '@/server/classes/classes';
import { jsonRoute } from '@/server/shell/http';

export const POST = jsonRoute(nextSchema, (db, body, { id }) => createNext(db, id, body));
