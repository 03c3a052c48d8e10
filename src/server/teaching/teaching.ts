import { z } from 'zod';
import type { Immutable } from '@/core/frozen';
import type { OwnMovement } from '@/core/catalogue';
import { isPaceKnown, placedRows, type Plan } from '@/core/plan';
import { asToday } from '@/core/screening';
import { fail, ok, type Result } from '@/core/result';
import {
  begin,
  roomCheckSchema,
  rowsOfSnapshot,
  teachEventSchema,
  teachStateSchema,
  type Snapshot,
} from '@/core/teach';
import { CATALOGUE } from '@/catalogue/movements';
import type { Db } from '@/store/db';
import { findClass } from '@/store/classes';
import { loadOwnRungs } from '@/store/progress';
import { keepTimesOf } from './class-times';
import { loadReports, loadTaught, recordEvents, startTeaching } from '@/store/teaching';
import { isTaughtElsewhere } from './lead';
import { loadClassToBegin, type ClassToBegin } from '../classes/classroom';
import { idFrom } from '../shell/ids';
import { settingsNow } from '../shell/settings';
import { clockRate } from '../shell/today';

/** The end of the year 9999. */
const LAST_MS = 253_402_300_799_999;
/** More than the keys that can be pressed in a day of classes. */
const MAX_EVENTS = 1_000_000;
export const startSchema = z.strictObject({
  startedAtMs: z.number().int().min(0).max(LAST_MS),
  /** The time it has until the end that was agreed, where that is not its whole slot, minutes. */
  minutes: z.number().int().min(5).max(240).optional(),
  /** What of the room was ticked. */
  roomCheck: roomCheckSchema.optional(),
});
export const eventsSchema = z.strictObject({
  firstSeq: z.number().int().min(0).max(MAX_EVENTS),
  events: z.array(teachEventSchema).max(50),
  state: teachStateSchema,
  screen: z.uuid('The screen has no proper id').optional(),
});

/** What a class keeps of its own from the moment it begins. */
export const snapshotOf = (room: ClassToBegin): Snapshot => ({
  plan: room.stored.history.plan,
  people: room.people.map((p) => asToday(p, room.checkIns[p.id])),
  helpers: room.info.helpers,
  slotMs: room.info.slotMinutes * 60_000,
  shown: room.shown,
  own: usedIn(room.stored.history.plan, room.own),
  ...(room.pace && isPaceKnown(room.pace) && { pace: room.pace }),
});

/** Begin a class: keep a snapshot of plan and people, and enter the first row. Beginning twice changes nothing. */
export async function startClass(
  db: Db,
  rawId: string | undefined,
  { startedAtMs, minutes, roomCheck }: Immutable<z.infer<typeof startSchema>>,
): Promise<Result<object>> {
  const id = idFrom(rawId, 'class');
  if (!id.ok) return id;
  const room = await loadClassToBegin(db, id.value);
  if (!room) return fail('not-found', 'There is no such class.');
  const whole = snapshotOf(room);
  const snapshot = minutes ? { ...whole, slotMs: Math.min(whole.slotMs, minutes * 60_000) } : whole;
  const rows = rowsOfSnapshot(snapshot, CATALOGUE);
  if (rows.length === 0) return fail('empty-plan', 'This plan has no rows yet. Add some before teaching.');
  if (await loadTaught(db, id.value)) return ok({});
  const away = room.people.flatMap((p) =>
    room.checkIns[p.id]?.notHere ? [{ personId: p.id, how: 'not here' as const }] : [],
  );
  const { state, events } = begin(rows, 0, away);
  await db.transaction(async (tx) => {
    await startTeaching(tx, id.value, snapshot, state, startedAtMs, roomCheck);
    await recordEvents(tx, id.value, 0, events, state);
  });
  return ok({});
}

/** The own movements that a plan holds. */
const usedIn = (plan: Plan, own: readonly OwnMovement[]): readonly OwnMovement[] => {
  const held = new Set(
    placedRows(plan).flatMap(({ row }) => (row.kind === 'movement' ? [row.movementId] : [])),
  );
  return own.filter((o) => held.has(o.movement.id)).map(({ movement, figure }) => ({ movement, figure }));
};

/** A class under way, as its screen opens on it; null where it has not begun. */
export async function loadUnderWay(db: Db, classId: string) {
  const [info, taught] = await Promise.all([findClass(db, classId), loadTaught(db, classId)]);
  if (!info || !taught) return null;
  const [firstReports, ownRungs, { venueSafety }] = await Promise.all([
    loadReports(db, classId),
    loadOwnRungs(db, info.seriesId),
    settingsNow(db),
  ]);
  return { info, taught, firstReports, ownRungs, venueSafety };
}

export async function storeEvents(
  db: Db,
  rawId: string | undefined,
  { firstSeq, events, state, screen }: Immutable<z.infer<typeof eventsSchema>>,
): Promise<Result<object>> {
  const id = idFrom(rawId, 'class');
  if (!id.ok) return id;
  const taught = await loadTaught(db, id.value);
  if (!taught) return fail('not-found', 'This class has not begun.');
  if (taught.writtenUp) return fail('written-up', 'This class is written up already.');
  if (isTaughtElsewhere(id.value, screen))
    return fail(
      'taught-elsewhere',
      'This class is taught on another screen now, which goes on from where it was.',
    );
  const known = new Set(taught.snapshot.people.map((p) => p.id));
  const about = events.map((e) => (e.personId && !known.has(e.personId) ? { ...e, personId: null } : e));
  await recordEvents(db, id.value, firstSeq, about, state, clockRate());
  if (state.phase === 'done') await keepTimesOf(db, id.value);
  return ok({});
}
