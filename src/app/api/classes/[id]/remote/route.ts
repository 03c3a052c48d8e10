import { remoteCommandSchema } from '@/core/lead';
import { jsonRoute } from '@/server/shell/http';
import { tellLead } from '@/server/teaching/lead';

export const POST = jsonRoute(remoteCommandSchema, (db, told, { id }) => tellLead(db, id, told));
