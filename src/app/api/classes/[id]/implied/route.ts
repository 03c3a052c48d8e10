import { jsonRoute } from '@/server/shell/http';
import { impliedSchema, recordImplied } from '@/server/teaching/incidents';

export const POST = jsonRoute(impliedSchema, (db, body, { id }) => recordImplied(db, id, body));
