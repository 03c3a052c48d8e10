import { jsonRoute } from '@/server/http';
import { archiveOwnSchema, putAway } from '@/server/own-movements';

export const POST = jsonRoute(archiveOwnSchema, (db, { archived }, { id }) => putAway(db, id, archived));
