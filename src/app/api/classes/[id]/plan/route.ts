import { jsonRead, jsonRoute } from '@/server/shell/http';
import { changePlan, planChangeSchema, planOf } from '@/server/classes/plans';

export const GET = jsonRead((db, { id }) => planOf(db, id));
export const POST = jsonRoute(planChangeSchema, (db, request, { id }) => changePlan(db, id, request));
