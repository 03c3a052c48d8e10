import { jsonRoute } from '@/server/http';
import { startClass, startSchema } from '@/server/teaching';

export const POST = jsonRoute(startSchema, (db, start, { id }) => startClass(db, id, start));
