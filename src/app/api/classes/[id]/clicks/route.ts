import { clicksOfClass } from '@/server/files/files';
import { jsonRead } from '@/server/shell/http';

export const GET = jsonRead((db, { id }) => clicksOfClass(db, id));
