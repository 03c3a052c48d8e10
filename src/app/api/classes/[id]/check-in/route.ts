import { checkIn, checkInRequestSchema } from '@/server/check-ins';
import { jsonRoute } from '@/server/http';

export const PUT = jsonRoute(checkInRequestSchema, (db, body, { id }) => checkIn(db, id, body));
