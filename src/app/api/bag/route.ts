import { bagSchema, changeBag } from '@/server/classes';
import { jsonRoute } from '@/server/http';

export const PUT = jsonRoute(bagSchema, (db, bag) => changeBag(db, bag));
