import { jsonRead, jsonRoute } from '@/server/shell/http';
import { joinClass, joinSchema, whoCouldJoin } from '@/server/teaching/reports';

export const GET = jsonRead((db, { id }) => whoCouldJoin(db, id));
export const POST = jsonRoute(joinSchema, (db, body, { id }) => joinClass(db, id, body));
