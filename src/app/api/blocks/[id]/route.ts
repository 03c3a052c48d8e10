import { z } from 'zod';
import { takeBlockAway } from '@/server/classes/take-away';
import { database } from '@/server/shell/database';
import { jsonRoute } from '@/server/shell/http';

export const DELETE = jsonRoute(z.strictObject({}), async (_db, _, { id }) =>
  takeBlockAway(await database(), id),
);
