import { z } from 'zod';
import { jsonRead, jsonRoute } from '@/server/shell/http';
import { dropTyped, keepTyped, typedInto, unsavedSchema } from '@/server/shell/unsaved';

export const GET = jsonRead((db, { form }) => typedInto(db, form));
export const PUT = jsonRoute(unsavedSchema, (db, unsaved, { form }) => keepTyped(db, form, unsaved));
export const DELETE = jsonRoute(z.strictObject({}), (db, _, { form }) => dropTyped(db, form));
