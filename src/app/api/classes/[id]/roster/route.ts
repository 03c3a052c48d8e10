import { changeRoster, rosterSchema } from '@/server/classes';
import { jsonRoute } from '@/server/http';

export const PUT = jsonRoute(rosterSchema, (db, roster, { id }) => changeRoster(db, id, roster));
