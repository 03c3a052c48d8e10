import { draftRequestSchema } from '@/server/api/schemas';
import { heavy } from '@/server/heavy/queue';
import { ok } from '@/core/result';
import { jsonRoute } from '@/server/shell/http';
import { listOwn } from '@/store/own-movements';

export const POST = jsonRoute(draftRequestSchema, async (db, body) => {
  const answer = await heavy('draft', async () => ok({ own: await listOwn(db), body }));
  return answer.ok ? answer.value : answer;
});
