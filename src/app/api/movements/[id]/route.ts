import { jsonRoute } from '@/server/shell/http';
import { changeOwn } from '@/server/catalogue/own-movements';
import { ownMovementSchema } from '@/core/catalogue';

export const PUT = jsonRoute(ownMovementSchema, (db, own, { id }) => changeOwn(db, id, own));
