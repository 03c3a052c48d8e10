import { gripTestSchema, keepGripTest } from '@/server/grip';
import { jsonRoute } from '@/server/http';

export const POST = jsonRoute(gripTestSchema, (db, body, { id }) => keepGripTest(db, id, body));
