import { around, boundsOfShapes, grownBy, type Box, type FigureShape } from '../draw';
import { fullPose, personShapes, type PersonIn } from '../hand';
import type { Sitter } from './question';

const SEATED: PersonIn = { stance: 'on a chair', hands: 'palms together', from: 'front', shows: 'upper' };
/** Air round each, mm. */
const AIR_MM = 20;

/** People on chairs as whoever faces them sees them: the shapes of each, and the room that is enough for any, mm with y down. */
export function sittersPicture(sitters: readonly Sitter[]): {
  readonly each: readonly (readonly FigureShape[])[];
  readonly box: Box;
} {
  const each = sitters.map(({ build, pose }) => {
    const held = fullPose(pose);
    const stage = {
      poses: { L: held, R: held },
      working: 'both',
      swapped: false,
      order: ['R', 'L'],
    } as const;
    return personShapes({ ...SEATED, build }, stage);
  });
  return { each, box: grownBy(around(each.map(boundsOfShapes)), AIR_MM) };
}
