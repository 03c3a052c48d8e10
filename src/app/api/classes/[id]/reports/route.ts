import { jsonRead } from '@/server/shell/http';
import { reportsNow } from '@/server/teaching/reports';

export const GET = jsonRead((db, { id }, query) => reportsNow(db, id, query.get('seen')));
