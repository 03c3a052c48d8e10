import { leadAskSchema } from '@/core/lead';
import { jsonRoute } from '@/server/shell/http';
import { askLead } from '@/server/teaching/lead';

export const POST = jsonRoute(leadAskSchema, (db, ask, { id }) => askLead(db, id, ask));
