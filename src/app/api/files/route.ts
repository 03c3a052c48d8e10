import { MAX_FILE_BYTES } from '@/core/formats';
import { jsonRoute } from '@/server/shell/http';
import { importFile, importFileSchema } from '@/server/files/import-files';

export const POST = jsonRoute(importFileSchema, (db, body) => importFile(db, body), 2 * MAX_FILE_BYTES);
