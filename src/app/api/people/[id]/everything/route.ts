import { allThatIsHeld } from '@/server/erase';
import { jsonRead } from '@/server/http';

export const GET = jsonRead((db, { id }) => allThatIsHeld(db, id));
