import { apiCheck } from '@/server/api/answers';
import { pagesOrToken } from '@/server/api/guard';
import { checkRequestSchema } from '@/server/api/schemas';
import { jsonRoute } from '@/server/http';

export const POST = jsonRoute(checkRequestSchema, (db, body) => apiCheck(db, body), undefined, pagesOrToken);
