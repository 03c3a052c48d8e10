import { answerCall } from '@/server/teaching/follow-ups';
import { followUpAnswerSchema } from '@/core/teach';
import { jsonRoute } from '@/server/shell/http';

export const POST = jsonRoute(followUpAnswerSchema, (db, body, { id }) => answerCall(db, id, body));
