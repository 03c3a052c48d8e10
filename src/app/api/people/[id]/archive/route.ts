import { jsonRoute } from '@/server/shell/http';
import { archivePerson, archiveSchema } from '@/server/people/people';

export const POST = jsonRoute(archiveSchema, (db, { archived }, { id }) => archivePerson(db, id, archived));
