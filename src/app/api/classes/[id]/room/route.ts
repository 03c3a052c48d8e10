import { jsonRead } from '@/server/http';
import { roomNow } from '@/server/room';

export const GET = jsonRead((db, { id }, query) => roomNow(db, id, query.get('seen')));
