import { answerDecisions, answersSchema } from '@/server/progress/decisions';
import { jsonRoute } from '@/server/shell/http';

export const POST = jsonRoute(answersSchema, (db, body, { id }) => answerDecisions(db, id, body));
