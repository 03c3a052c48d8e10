import { endToken, makeToken } from '@/server/api/token';
import { jsonRoute } from '@/server/http';
import { instructorHere } from '@/server/lock/whose';
import { z } from 'zod';

const nothing = z.strictObject({});
const mine = async () => (await instructorHere())?.id ?? null;

export const POST = jsonRoute(nothing, async (db) => makeToken(db, await mine()));
export const DELETE = jsonRoute(nothing, async (db) => endToken(db, await mine()));
