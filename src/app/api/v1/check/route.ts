import { checkRequestSchema } from '@/server/api/schemas';
import { heavy } from '@/server/heavy/queue';
import { ok } from '@/core/result';
import { jsonRoute } from '@/server/shell/http';
import { listOwn } from '@/store/own-movements';

export const POST = jsonRoute(checkRequestSchema, async (db, body) => {
  const answer = await heavy('check', async () => ok({ own: await listOwn(db), body }));
  return answer.ok ? answer.value : answer;
});
