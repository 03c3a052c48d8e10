import { apiCatalogue } from '@/server/api/answers';
import { jsonRead } from '@/server/shell/http';

export const GET = jsonRead((db) => apiCatalogue(db));
