import { jsonRoute } from '@/server/http';
import { addOwn, ownMovementSchema } from '@/server/own-movements';

export const POST = jsonRoute(ownMovementSchema, (db, own) => addOwn(db, own));
