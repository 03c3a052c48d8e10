import { createClass, newClassSchema } from '@/server/classes';
import { jsonRoute } from '@/server/http';

export const POST = jsonRoute(newClassSchema, (db, fields) => createClass(db, fields));
