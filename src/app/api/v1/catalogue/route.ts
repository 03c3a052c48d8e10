import { apiCatalogue } from '@/server/api/answers';
import { pagesOrToken } from '@/server/api/guard';
import { jsonRead } from '@/server/http';

export const GET = jsonRead((db) => apiCatalogue(db), pagesOrToken);
