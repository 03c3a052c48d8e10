import { apiCheck } from '@/server/api/answers';
import { checkRequestSchema } from '@/server/api/schemas';
import { jsonRoute } from '@/server/http';

export const POST = jsonRoute(checkRequestSchema, (db, body) => apiCheck(db, body));
