import { jsonRoute } from '@/server/shell/http';
import { archiveOwnSchema, putAway } from '@/server/catalogue/own-movements';

export const POST = jsonRoute(archiveOwnSchema, (db, { archived }, { id }) => putAway(db, id, archived));
