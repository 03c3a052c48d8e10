import { jsonRoute } from '@/server/shell/http';
import { changeItem, itemChangeSchema } from '@/server/terms/terms';

export const POST = jsonRoute(itemChangeSchema, (db, body, { id }) => changeItem(db, id, body));
