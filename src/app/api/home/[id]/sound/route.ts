import { soundOfCard } from '@/server/sound/sound';
import { jsonRead } from '@/server/shell/http';

export const GET = jsonRead((db, { id }) => soundOfCard(db, id));
