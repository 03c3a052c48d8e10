import { jsonRoute } from '@/server/shell/http';
import { changeVisit, visitSchema } from '@/server/measures/visits';

export const POST = jsonRoute(visitSchema, (db, body, { id }) => changeVisit(db, id, body));
