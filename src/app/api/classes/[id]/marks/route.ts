import { jsonRoute } from '@/server/http';
import { markSchema, storeMark } from '@/server/teaching';

export const POST = jsonRoute(markSchema, (db, mark, { id }) => storeMark(db, id, mark));
