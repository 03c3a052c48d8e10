import { jsonRoute } from '@/server/http';
import { createTerm, newTermSchema } from '@/server/terms';

export const POST = jsonRoute(newTermSchema, (db, body) => createTerm(db, body));
