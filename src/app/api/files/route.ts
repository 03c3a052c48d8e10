import { MOST_FILE_BYTES } from '@/core/formats';
import { jsonRoute } from '@/server/http';
import { importFile, importFileSchema } from '@/server/import-files';

export const POST = jsonRoute(importFileSchema, (db, body) => importFile(db, body), 2 * MOST_FILE_BYTES);
