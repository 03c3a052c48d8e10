import { jsonRoute } from '@/server/shell/http';
import { importPeople, importSchema } from '@/server/files/import-people';

const MAX_BYTES = 12 * 1024 * 1024;

export const POST = jsonRoute(importSchema, (db, rows) => importPeople(db, rows), MAX_BYTES);
