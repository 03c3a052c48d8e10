import { jsonRoute } from '@/server/shell/http';
import { incidentSchema } from '@/core/teach';
import { recordIncident } from '@/server/teaching/incidents';

export const POST = jsonRoute(incidentSchema, (db, incident, { id }) => recordIncident(db, id, incident));
