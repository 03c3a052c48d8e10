import { changeDetails } from '@/server/classes/classes';
import { takeClassAway, takeClassSchema } from '@/server/classes/take-away';
import { newClassSchema } from '@/core/plan';
import { database } from '@/server/shell/database';
import { jsonRoute } from '@/server/shell/http';

export const PUT = jsonRoute(newClassSchema, (db, fields, { id }) => changeDetails(db, id, fields));
export const DELETE = jsonRoute(takeClassSchema, async (db, body, { id }) =>
  takeClassAway(db, await database(), id, body),
);
