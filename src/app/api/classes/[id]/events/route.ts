import { jsonRoute } from '@/server/shell/http';
import { eventsSchema, storeEvents } from '@/server/teaching/teaching';

export const POST = jsonRoute(eventsSchema, (db, events, { id }) => storeEvents(db, id, events));
