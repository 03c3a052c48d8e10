import { jsonRoute } from '@/server/http';
import { changeOwn, ownMovementSchema } from '@/server/own-movements';

export const PUT = jsonRoute(ownMovementSchema, (db, own, { id }) => changeOwn(db, id, own));
