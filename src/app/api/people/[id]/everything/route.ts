import { database } from '@/server/shell/database';
import { allThatIsHeld } from '@/server/people/erase';
import { jsonRead } from '@/server/shell/http';

export const GET = jsonRead(async (db, { id }) => allThatIsHeld(db, await database(), id));
