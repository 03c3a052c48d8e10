import { jsonRead } from '@/server/shell/http';
import { roomNow } from '@/server/teaching/room-screen';

export const GET = jsonRead((db, { id }, query) => roomNow(db, id, query.get('seen')));
