import { z } from 'zod';
import { endToken, makeToken } from '@/server/api/token';
import { jsonRoute } from '@/server/http';

const nothing = z.strictObject({});
export const POST = jsonRoute(nothing, (db) => makeToken(db));
export const DELETE = jsonRoute(nothing, (db) => endToken(db));
