import { clicksOfClass } from '@/server/files';
import { jsonRead } from '@/server/http';

export const GET = jsonRead((db, { id }) => clicksOfClass(db, id));
