import { apiCatalogue } from '@/server/api/answers';
import { jsonRead } from '@/server/http';

export const GET = jsonRead((db) => apiCatalogue(db));
