import { bagSchema, changeBag } from '@/server/classes/classes';
import { jsonRoute } from '@/server/shell/http';

export const PUT = jsonRoute(bagSchema, (db, bag) => changeBag(db, bag));
