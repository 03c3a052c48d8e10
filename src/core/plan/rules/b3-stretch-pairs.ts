import type { Movement } from '../../catalogue/movement';
import type { JointId } from '../../hand/joints';
import { rangeDemand } from '../../hand/motion';
import {
  finding,
  insertBeside,
  movementPlaces,
  newMovementRow,
  pickMovement,
  type RuleContext,
  type SequencingRule,
} from '../finding';

/** From so many degrees a stretch counts as one in that direction. */
const FROM_DEG = 30;

type Way = 'bent' | 'bent back' | 'palm down' | 'palm up';
const OPPOSITE: Record<Way, Way> = {
  bent: 'bent back',
  'bent back': 'bent',
  'palm down': 'palm up',
  'palm up': 'palm down',
};
const WORDS: Record<Way, string> = {
  bent: 'with the wrist bent',
  'bent back': 'with the wrist bent back',
  'palm down': 'turned palm down',
  'palm up': 'turned palm up',
};
const WAYS = Object.keys(OPPOSITE) as readonly Way[];

/** B3 Flexion stretches are paired with extension stretches, palm-down with palm-up. */
export const stretchPairs: SequencingRule = (context) => {
  const stretches = movementPlaces(context)
    .filter((p) => p.movement.effort === 'stretch')
    .map((p) => ({ ...p, ways: waysOf(context, p.movement) }));
  const stretched = new Set(stretches.flatMap((p) => p.ways));
  return WAYS.filter((way) => stretched.has(way) && !stretched.has(OPPOSITE[way])).map((way) => {
    const unpaired = stretches.filter((p) => p.ways.includes(way));
    const last = unpaired.at(-1)!;
    const pair = pickMovement(
      context.catalogue,
      (m) => m.effort === 'stretch' && m.offUntil === null && waysOf(context, m).includes(OPPOSITE[way]),
    );
    return finding(
      'B3',
      'should',
      `A stretch ${WORDS[way]} (${last.movement.name.toLowerCase()}) has none ${WORDS[OPPOSITE[way]]} to pair it.`,
      'Stretches go both ways: bent with bent back, palm down with palm up.',
      {
        rowIds: unpaired.map((p) => p.row.id),
        mend: pair && {
          label: `Add ${pair.name.toLowerCase()} after ${last.movement.name.toLowerCase()}`,
          step: insertBeside(context.plan, last.row.id, 'after', [
            newMovementRow(context.plan, pair, 'pair'),
          ]),
        },
      },
    );
  });
};

/** Which ways the hand is taken, read off the figure so that own movements count too. */
function waysOf(context: Pick<RuleContext, 'catalogue'>, movement: Movement): readonly Way[] {
  const figure = context.catalogue.figure(movement.id);
  if (!figure) return [];
  const demand = rangeDemand(figure.motion);
  const reached = (joint: JointId, sign: 1 | -1): boolean => {
    const range = demand[joint];
    return range !== undefined && (sign === 1 ? range.max >= FROM_DEG : range.min <= -FROM_DEG);
  };
  const ways: Way[] = [];
  if (reached('wrist.flexion', 1)) ways.push('bent');
  if (reached('wrist.flexion', -1)) ways.push('bent back');
  if (movement.joints.includes('forearm') && reached('forearm.pronation', 1)) ways.push('palm down');
  if (movement.joints.includes('forearm') && reached('forearm.pronation', -1)) ways.push('palm up');
  return ways;
}
