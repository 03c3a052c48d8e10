import { endToken, makeToken } from '@/server/api/token';
import { database } from '@/server/shell/database';
import { jsonRoute } from '@/server/shell/http';
import type { Asker } from '@/core/lock';
import { z } from 'zod';

const nothing = z.strictObject({});
const mine = (asker: Asker) => (asker.kind === 'instructor' ? asker.id : null);

export const POST = jsonRoute(nothing, async (_, __, ___, asker) => makeToken(await database(), mine(asker)));
export const DELETE = jsonRoute(nothing, async (_, __, ___, asker) =>
  endToken(await database(), mine(asker)),
);
