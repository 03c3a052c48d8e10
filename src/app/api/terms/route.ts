import { jsonRoute } from '@/server/shell/http';
import { createTerm, newTermSchema } from '@/server/terms/terms';

export const POST = jsonRoute(newTermSchema, (db, body) => createTerm(db, body));
