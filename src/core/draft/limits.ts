import { addVolume, baselineWords, isFirstClass, NO_VOLUME, type RuleContext } from '../plan';
import { plural } from '../words';
import { isFirstFull, MAX_FIRST, MAX_NEW, mostRows, rowsWith } from './balance';
import { MAX_PROPS, outShareOf, propMs, rowMs, type Budget } from './model';
import type { Option } from './option';
import type { DraftWish } from './wish';

/** The limits of the model that a selection stands against: what no further row would go into. */
export function limitsOf(
  chosen: readonly Option[],
  options: readonly Option[],
  context: RuleContext,
  wish: DraftWish,
  room: Budget,
): readonly string[] {
  const movements = new Set(chosen.map((o) => o.movement.id));
  const untaken = options.filter((o) => !movements.has(o.movement.id));
  const shortestMs = Math.min(...untaken.map((o) => rowMs(o, room)));
  const props = new Set(chosen.flatMap((o) => o.movement.propId ?? [])).size;
  const takenMs = chosen.reduce((n, o) => n + rowMs(o, room), 0) + props * propMs(context);
  const volume = chosen.map((o) => o.volume).reduce(addVolume, NO_VOLUME);
  const isFull = (kind: keyof typeof volume): boolean => {
    const most = room.volumeMost[kind];
    const asked = untaken.map((o) => o.volume[kind]).filter((v) => v > 0);
    return most !== null && asked.length > 0 && volume[kind] + Math.min(...asked) > most;
  };
  // One row more without somebody, and they would be out of too many.
  const tight = context.people.filter(
    ({ id }) =>
      chosen.filter((o) => o.out.has(id)).length + 1 > outShareOf(id, options) * (chosen.length + 1),
  ).length;
  const from = context.baseline && baselineWords(context.baseline);
  const isTight = tight > 0 && chosen.some((o) => o.out.size > 0);
  return [
    ...(takenMs + shortestMs > room.timeMs ? ['the time'] : []),
    ...(chosen.reduce((n, o) => n + rowsWith(o), 0) >= mostRows(wish.lengthMs)
      ? ['rows that are long enough to be worth explaining']
      : []),
    ...(isFirstFull(chosen, context) ? [`${MAX_FIRST} movements at the most in a first class`] : []),
    ...(props >= MAX_PROPS ? [`${MAX_PROPS} props at the most`] : []),
    ...(!isFirstClass(context) && chosen.filter((o) => o.isNew).length >= MAX_NEW
      ? [`${MAX_NEW} new movements at the most`]
      : []),
    ...(isTight ? [`${plural(tight, 'person', 'people')} who would have too little to do`] : []),
    ...(isFull('resisted') ? [`resisted work that rises gently from ${from}`] : []),
    ...(isFull('loading') ? [`loading that rises gently from ${from}`] : []),
  ];
}
