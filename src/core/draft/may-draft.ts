import { isSeated, type Movement } from '../catalogue';
import { leftOutIn, type RuleContext } from '../plan';
import { ENDING } from './frame';
import type { DraftWish } from './wish';

const MAX_LEFT_OUT = 1 / 3;

/** Why a movement may not be drafted, as the end of a sentence; null where it may. */
export function whyNotDrafted(movement: Movement, context: RuleContext, wish: DraftWish): string | null {
  const { id, propId } = movement;
  const pinned = wish.pinned.includes(id) || wish.stays.includes(id);
  if (wish.banned.includes(id)) return 'it was left out';
  if (ENDING.some((e) => e === id)) return 'it is in the ending';
  if (!pinned && movement.section === 'settle') return 'it belongs to the ending';
  if (!pinned && movement.clearanceReason) return 'it has to be allowed for this class first';
  if (!pinned && movement.positions[0] === 'floor') return 'it is done on the floor';
  if (!isSeated(movement) && !movement.seatedAlternative) return 'there is no seated form of it';
  if (propId && wish.withoutProps) return 'it needs a prop';
  const prop = propId && whyNotProp(propId, context);
  if (prop) return prop;
  const out = leftOutIn(context.judge(movement, movement)).size;
  const tooMany = context.people.length > 0 && out >= context.people.length * MAX_LEFT_OUT;
  return tooMany && !pinned ? `${out} of ${context.people.length} would have nothing to do in it` : null;
}

/** Enough of it in the bag for everyone and one to show with, no latex where somebody must not touch it, no edges. */
function whyNotProp(propId: string, { catalogue, bag, people }: RuleContext): string | null {
  const prop = catalogue.prop(propId);
  const allergic = people.some((p) => p.conditions.some((c) => c.conditionId === 'latex'));
  if (!prop) return 'nobody knows its prop';
  const [pieces, needed] = [bag[propId] ?? 0, people.length + 1];
  if (pieces === 0) return `there is no ${prop.name.toLowerCase()} in the bag`;
  if (pieces < needed)
    return `the bag has ${pieces} of the ${prop.name.toLowerCase()}, and ${needed} are needed with one to show it`;
  if (prop.latex && allergic) return 'its prop has latex';
  return prop.edge === 'square' ? 'its prop has a square edge' : null;
}
