import { jsonRoute } from '@/server/http';
import { changePlan, planChangeSchema } from '@/server/plans';

export const POST = jsonRoute(planChangeSchema, (db, request, { id }) => changePlan(db, id, request));
