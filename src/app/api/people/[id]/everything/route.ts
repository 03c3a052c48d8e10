import { database } from '@/server/database';
import { allThatIsHeld } from '@/server/erase';
import { jsonRead } from '@/server/http';

export const GET = jsonRead(async (db, { id }) => allThatIsHeld(db, await database(), id));
