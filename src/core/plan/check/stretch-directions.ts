import type { Catalogue, Movement } from '../../catalogue';
import { rangeDemand, type JointId, type MovementFigure } from '../../hand';
import { memo } from '../../remember';

/** From so many degrees a stretch counts as one in that direction. */
const FROM_DEG = 30;

export type StretchDirection = 'flexion' | 'extension' | 'pronation' | 'supination';
export const OPPOSITE_STRETCH: Readonly<Record<StretchDirection, StretchDirection>> = {
  flexion: 'extension',
  extension: 'flexion',
  pronation: 'supination',
  supination: 'pronation',
};

const remember = memo<readonly StretchDirection[]>();

/** Where the hand is taken, read off the figure so that own movements count too. */
export function stretchDirections(catalogue: Catalogue, movement: Movement): readonly StretchDirection[] {
  const figure = catalogue.figure(movement.id);
  return figure ? remember([figure, movement], '', () => directionsOf(figure, movement)) : [];
}

function directionsOf(figure: MovementFigure, movement: Movement): readonly StretchDirection[] {
  const demand = rangeDemand(figure.motion);
  const reached = (joint: JointId, sign: 1 | -1): boolean => {
    const range = demand[joint];
    return range !== undefined && (sign === 1 ? range.max >= FROM_DEG : range.min <= -FROM_DEG);
  };
  const directions: StretchDirection[] = [];
  if (reached('wrist.flexion', 1)) directions.push('flexion');
  if (reached('wrist.flexion', -1)) directions.push('extension');
  if (movement.joints.includes('forearm') && reached('forearm.pronation', 1)) directions.push('pronation');
  if (movement.joints.includes('forearm') && reached('forearm.pronation', -1)) directions.push('supination');
  return directions;
}
