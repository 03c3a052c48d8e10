import { GRIPPING, isThumbHeavy, type EffortKind } from '../catalogue';
import { addVolume, baselineWords, isFirstClass, NO_VOLUME, type RuleContext } from '../plan';
import { plural } from '../words';
import {
  CAPPED_KINDS,
  isBodyAlone,
  isFirstFull,
  MAX_BODY,
  MAX_FIRST,
  MAX_GRIPPING,
  MAX_NEW,
  MAX_THUMB,
  mostMovements,
  mostOf,
  movementsOf,
} from './balance';
import { MAX_PROPS, outShareOf, propMs, rowMs, type Budget } from './model';
import type { Option } from './option';
import type { DraftWish } from './wish';

/** What a capped kind is called where the cap is told; left out where more of it is never missed. */
const KIND_WORDS: Partial<Record<EffortKind, string>> = {
  warm: 'warming',
  breath: 'breathing',
  tap: 'tapping',
  coordination: 'coordination',
  stretch: 'stretching',
  isometric: 'steady holding',
  opening: 'opening',
  massage: 'massage',
  load: 'loading',
};

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
  /** As many as may be are taken, and there are more. */
  const atCap = (most: number, is: (o: Option) => boolean): boolean =>
    most > 0 && chosen.filter(is).length >= most && untaken.some(is);
  // One row more without somebody, and they would be out of too many.
  const tight = context.people.filter(
    ({ id }) =>
      chosen.filter((o) => o.out.has(id)).length + 1 > outShareOf(id, options) * (chosen.length + 1),
  ).length;
  const from = context.baseline && baselineWords(context.baseline);
  const isTight = tight > 0 && chosen.some((o) => o.out.size > 0);
  const ofKind = (kind: EffortKind) => mostOf(kind, wish, context);
  return [
    ...(takenMs + shortestMs > room.timeMs ? ['the time'] : []),
    ...(movementsOf(chosen) >= mostMovements(wish.lengthMs)
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
    ...(atCap(MAX_GRIPPING, (o) => GRIPPING.has(o.movement.effort))
      ? [`${MAX_GRIPPING} rows of gripping at the most`]
      : []),
    ...(atCap(MAX_THUMB, (o) => isThumbHeavy(o.movement))
      ? [`${MAX_THUMB} rows that work the thumb at the most`]
      : []),
    ...(atCap(MAX_BODY, isBodyAlone) ? [`${MAX_BODY} rows without the hands at the most`] : []),
    ...CAPPED_KINDS.filter((kind) => atCap(ofKind(kind), (o) => o.movement.effort === kind)).flatMap(
      (kind) =>
        KIND_WORDS[kind] ? [`${plural(ofKind(kind), 'row')} of ${KIND_WORDS[kind]} at the most`] : [],
    ),
  ];
}
