import { classAnswerSchema } from '@/core/teach';
import { jsonRoute } from '@/server/shell/http';
import { storeAnswer } from '@/server/teaching/reports';

export const POST = jsonRoute(classAnswerSchema, (db, answer, { id }) => storeAnswer(db, id, answer));
