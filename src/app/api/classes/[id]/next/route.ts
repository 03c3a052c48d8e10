import { createNext, nextSchema } from '@/server/classes';
import { jsonRoute } from '@/server/http';

export const POST = jsonRoute(nextSchema, (db, body, { id }) => createNext(db, id, body));
