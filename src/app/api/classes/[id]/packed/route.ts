import { jsonRoute } from '@/server/shell/http';
import { packedSchema, tickPacked } from '@/server/classes/packing';

export const PUT = jsonRoute(packedSchema, (db, tick, { id }) => tickPacked(db, id, tick));
