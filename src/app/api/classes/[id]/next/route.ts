import { z } from 'zod';
import { createNext } from '@/server/classes';
import { jsonRoute } from '@/server/http';

export const POST = jsonRoute(z.strictObject({}), (db, _body, { id }) => createNext(db, id));
