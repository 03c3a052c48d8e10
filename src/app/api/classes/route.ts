import { createClass } from '@/server/classes/classes';
import { newClassSchema } from '@/core/plan';
import { jsonRoute } from '@/server/shell/http';

export const POST = jsonRoute(newClassSchema, (db, fields) => createClass(db, fields));
