import { jsonRoute } from '@/server/http';
import { incidentSchema, recordIncident } from '@/server/incidents';

export const POST = jsonRoute(incidentSchema, (db, incident, { id }) => recordIncident(db, id, incident));
