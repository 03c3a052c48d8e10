import { ok } from '@/core/result';
import { jsonRead } from '@/server/shell/http';
import { taughtRolls } from '@/store/teaching';

/** Which classes were taught, and who was in them: what a register is held against. */
export const GET = jsonRead(async (db) => ok({ rolls: await taughtRolls(db) }));
