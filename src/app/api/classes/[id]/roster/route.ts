import { changeRoster, rosterSchema } from '@/server/classes/classes';
import { jsonRoute } from '@/server/shell/http';

export const PUT = jsonRoute(rosterSchema, (db, roster, { id }) => changeRoster(db, id, roster));
