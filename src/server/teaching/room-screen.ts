import { CATALOGUE } from '@/catalogue/movements';
import { withOwn } from '@/core/catalogue';
import { roomFeed, rowsOfSnapshot, type RoomAnswer } from '@/core/teach';
import { fail, ok, type Result } from '@/core/result';
import type { Db } from '@/store/db';
import { loadTaught, underWay } from '@/store/teaching';
import { idFrom } from '../shell/ids';
import { clockRate } from '../shell/today';

/** Where a class stands, for a screen on another machine; what it has `seen` already is not sent again. */
export async function roomNow(
  db: Db,
  rawId: string | undefined,
  seen: string | null,
): Promise<Result<RoomAnswer>> {
  const id = idFrom(rawId, 'class');
  if (!id.ok) return id;
  const under = await underWay(db, id.value);
  if (!under) return fail('not-found', 'This class is not being taught.');
  const rate = clockRate();
  const answer = { seen: under.seen, classMs: under.sinceMs * rate };
  if (under.seen === seen) return ok(answer);
  const taught = await loadTaught(db, id.value);
  if (!taught) return fail('not-found', 'This class is not being taught.');
  const catalogue = withOwn(CATALOGUE, taught.snapshot.own ?? []);
  const rows = rowsOfSnapshot(taught.snapshot, catalogue, taught.state.changes);
  return ok({ ...answer, feed: roomFeed({ classId: id.value, rate }, rows, taught.state, catalogue) });
}
