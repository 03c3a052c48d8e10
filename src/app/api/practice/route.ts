import { z } from 'zod';
import { jsonRoute } from '@/server/shell/http';
import { dropResults, keepResult, keptPracticeSchema } from '@/server/practice/practice';

export const PUT = jsonRoute(keptPracticeSchema, (db, practice) => keepResult(db, practice));
export const DELETE = jsonRoute(z.strictObject({}), (db) => dropResults(db));
