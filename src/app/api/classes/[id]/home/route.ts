import { cardsSchema, makeCards } from '@/server/home/home';
import { jsonRoute } from '@/server/shell/http';

export const POST = jsonRoute(cardsSchema, (db, body, { id }) => makeCards(db, id, body));
