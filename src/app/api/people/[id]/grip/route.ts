import { gripTestSchema } from '@/core/measure';
import { keepGripTest } from '@/server/measures/grip';
import { jsonRoute } from '@/server/shell/http';

export const POST = jsonRoute(gripTestSchema, (db, body, { id }) => keepGripTest(db, id, body));
