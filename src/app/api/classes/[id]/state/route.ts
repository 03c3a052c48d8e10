import { jsonRead } from '@/server/shell/http';
import { stateNow } from '@/server/teaching/lead';

export const GET = jsonRead((db, { id }, query) => stateNow(db, id, query.get('seen')));
