import { jsonRoute } from '@/server/http';
import { eventsSchema, storeEvents } from '@/server/teaching';

export const POST = jsonRoute(eventsSchema, (db, events, { id }) => storeEvents(db, id, events));
