import { jsonRoute } from '@/server/http';
import { keepMeasures, readingsSchema } from '@/server/measures';

export const POST = jsonRoute(readingsSchema, (db, body, { id }) => keepMeasures(db, id, body));
