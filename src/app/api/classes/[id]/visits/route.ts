import { jsonRoute } from '@/server/http';
import { changeVisit, visitSchema } from '@/server/visits';

export const POST = jsonRoute(visitSchema, (db, body, { id }) => changeVisit(db, id, body));
