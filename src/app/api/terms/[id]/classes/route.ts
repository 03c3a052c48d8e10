import { jsonRoute } from '@/server/http';
import { generateClasses, generateSchema } from '@/server/terms';

export const POST = jsonRoute(generateSchema, (db, body, { id }) => generateClasses(db, id, body));
