import { jsonRoute } from '@/server/shell/http';
import { markSchema } from '@/core/teach';
import { storeMark } from '@/server/teaching/reports';

export const POST = jsonRoute(markSchema, (db, mark, { id }) => storeMark(db, id, mark));
