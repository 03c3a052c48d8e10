import { HAND_SPOTS } from '../hand';
import { nameList, plural } from '../words';
import type { Option } from './option';
import { scoreOf } from './score';
import type { DraftWish } from './wish';

/** What could stand in a row's place, and what that costs of the score. */
export type Instead = { readonly movementId: string; readonly cost: number };

/** One sentence, from what weighs most: the wish, then what nothing else in the class moves, then how many it serves. */
export function whyOf(row: Option, chosen: readonly Option[], { pinned }: DraftWish): string {
  if (pinned.includes(row.movement.id)) return 'Here because it was pinned.';
  const [own] = row.reasons.filter((r) => !r.isService);
  if (own) return `Here because ${own.words}.`;
  const others = chosen.filter((o) => o !== row);
  const alone = HAND_SPOTS.filter(
    (s) => row.spots.includes(s.id) && !others.some((o) => o.spots.includes(s.id)),
  );
  if (alone.length > 0)
    return `Here because nothing else in the class moves the ${nameList(alone.map((s) => s.name))}.`;
  if (row.spots.length > 0)
    return `Here because it moves ${plural(row.spots.length, 'place')} of both hands.`;
  return `Here because ${row.reasons[0]?.words ?? 'everybody can do it'}.`;
}

/** The option of the same kind that would cost least in its place. */
export function insteadOf(
  row: Option,
  chosen: readonly Option[],
  options: readonly Option[],
): Instead | null {
  const rest = chosen.filter((o) => o !== row);
  const now = scoreOf(chosen);
  const taken = new Set(chosen.map((o) => o.movement.id));
  const others = options
    .filter((o) => !taken.has(o.movement.id) && o.movement.effort === row.movement.effort)
    .filter((o) => o.costMs <= row.costMs + 15_000 && o.movement.propId === row.movement.propId)
    .map((o) => ({ movementId: o.movement.id, cost: Math.max(0, now - scoreOf([...rest, o])) }))
    .sort((a, b) => a.cost - b.cost);
  return others[0] ?? null;
}
