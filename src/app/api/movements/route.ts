import { jsonRoute } from '@/server/shell/http';
import { addOwn } from '@/server/catalogue/own-movements';
import { ownMovementSchema } from '@/core/catalogue';

export const POST = jsonRoute(ownMovementSchema, (db, own) => addOwn(db, own));
