import { jsonRoute } from '@/server/http';
import { changeItem, itemChangeSchema } from '@/server/terms';

export const POST = jsonRoute(itemChangeSchema, (db, body, { id }) => changeItem(db, id, body));
