import { answerDecisions, answersSchema } from '@/server/decisions';
import { jsonRoute } from '@/server/http';

export const POST = jsonRoute(answersSchema, (db, body, { id }) => answerDecisions(db, id, body));
