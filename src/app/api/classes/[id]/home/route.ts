import { cardsSchema, makeCards } from '@/server/home';
import { jsonRoute } from '@/server/http';

export const POST = jsonRoute(cardsSchema, (db, body, { id }) => makeCards(db, id, body));
