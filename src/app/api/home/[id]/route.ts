import { homeDaySchema, tellHomeDay } from '@/server/home';
import { jsonRoute } from '@/server/http';

export const POST = jsonRoute(homeDaySchema, (db, body, { id }) => tellHomeDay(db, id, body));
