import { z } from 'zod';
import { putTakenBack } from '@/server/classes/take-away';
import { database } from '@/server/shell/database';
import { jsonRoute } from '@/server/shell/http';

export const POST = jsonRoute(z.strictObject({}), async (db, _, { id }) =>
  putTakenBack(db, await database(), id),
);
