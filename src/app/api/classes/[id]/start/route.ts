import { jsonRoute } from '@/server/shell/http';
import { startClass, startSchema } from '@/server/teaching/teaching';

export const POST = jsonRoute(startSchema, (db, start, { id }) => startClass(db, id, start));
