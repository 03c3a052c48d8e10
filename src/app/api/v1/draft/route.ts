import { apiDraft } from '@/server/api/answers';
import { draftRequestSchema } from '@/server/api/schemas';
import { jsonRoute } from '@/server/http';

export const POST = jsonRoute(draftRequestSchema, (db, body) => apiDraft(db, body));
