import { jsonRoute } from '@/server/shell/http';
import { generateClasses, generateSchema } from '@/server/terms/terms';

export const POST = jsonRoute(generateSchema, (db, body, { id }) => generateClasses(db, id, body));
