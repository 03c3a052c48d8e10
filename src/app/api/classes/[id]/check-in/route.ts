import { checkIn, checkInRequestSchema } from '@/server/classes/check-ins';
import { jsonRoute } from '@/server/shell/http';

export const PUT = jsonRoute(checkInRequestSchema, (db, body, { id }) => checkIn(db, id, body));
