import { jsonRoute } from '@/server/http';
import { archivePerson, archiveSchema } from '@/server/people';

export const POST = jsonRoute(archiveSchema, (db, { archived }, { id }) => archivePerson(db, id, archived));
