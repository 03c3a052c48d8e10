import { soundOfClass } from '@/server/sound/sound';
import { jsonRead } from '@/server/shell/http';

export const GET = jsonRead((db, { id }) => soundOfClass(db, id));
