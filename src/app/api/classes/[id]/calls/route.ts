import { answerCall, callAnswerSchema } from '@/server/follow-ups';
import { jsonRoute } from '@/server/http';

export const POST = jsonRoute(callAnswerSchema, (db, body, { id }) => answerCall(db, id, body));
