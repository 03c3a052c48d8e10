import type { Pose } from '@/core/hand';
import {
  CUP,
  FIST,
  FLAT_FIST,
  HOOK,
  ON_BALL,
  OPEN,
  PLATE,
  RING,
  SOFT_FIST,
  SPREAD,
  STRAIGHT,
  TABLETOP,
} from './poses';

/** Hand shapes to start a pose from. */
export const NAMED_SHAPES: Readonly<Record<string, Pose>> = {
  open: OPEN,
  straight: STRAIGHT,
  spread: SPREAD,
  flat: PLATE,
  cupped: CUP,
  'round a ball': ON_BALL,
  'soft fist': SOFT_FIST,
  'full fist': FIST,
  'flat fist': FLAT_FIST,
  hook: HOOK,
  tabletop: TABLETOP,
  'thumb to index': RING.index,
};
