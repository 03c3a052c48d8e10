import type { Catalogue, Movement } from '../catalogue/movement';
import type { JointId } from '../hand/joints';
import { rangeDemand, type MovementFigure } from '../hand/motion';
import { memo } from '../remember';

/** From so many degrees a stretch counts as one in that direction. */
const FROM_DEG = 30;

export type Way = 'bent' | 'bent back' | 'palm down' | 'palm up';
export const OPPOSITE_WAY: Readonly<Record<Way, Way>> = {
  bent: 'bent back',
  'bent back': 'bent',
  'palm down': 'palm up',
  'palm up': 'palm down',
};

/** Which ways the hand is taken, read off the figure so that own movements count too. */
const remember = memo<readonly Way[]>();

export function stretchWays(catalogue: Catalogue, movement: Movement): readonly Way[] {
  const figure = catalogue.figure(movement.id);
  return figure ? remember([figure, movement], '', () => waysOf(figure, movement)) : [];
}

function waysOf(figure: MovementFigure, movement: Movement): readonly Way[] {
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
