import {
  answerDecisions,
  answersSchema,
  takeBackDecisions,
  takenBackSchema,
} from '@/server/progress/decisions';
import { jsonRoute } from '@/server/shell/http';

export const POST = jsonRoute(answersSchema, (db, body, { id }) => answerDecisions(db, id, body));
export const DELETE = jsonRoute(takenBackSchema, (db, body, { id }) => takeBackDecisions(db, id, body));
