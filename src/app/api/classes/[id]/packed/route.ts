import { jsonRoute } from '@/server/http';
import { packedSchema, tickPacked } from '@/server/packing';

export const PUT = jsonRoute(packedSchema, (db, tick, { id }) => tickPacked(db, id, tick));
