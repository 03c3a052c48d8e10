import { homeDaySchema, logHomeDay } from '@/server/home/home';
import { jsonRoute } from '@/server/shell/http';

export const POST = jsonRoute(homeDaySchema, (db, body, { id }) => logHomeDay(db, id, body));
