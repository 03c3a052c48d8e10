import { jsonRoute } from '@/server/shell/http';
import { keepMeasures, readingsSchema } from '@/server/measures/measures';

export const POST = jsonRoute(readingsSchema, (db, body, { id }) => keepMeasures(db, id, body));
