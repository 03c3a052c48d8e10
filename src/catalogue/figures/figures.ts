import type { MovementFigure } from '@/core/hand';
import { arriveAndWakeFigures } from './arrive-and-wake';
import { bodyFigures } from './body';
import { coordinationFigures } from './coordination';
import { easeFigures } from './ease';
import { fingersFigures } from './fingers';
import { gripFigures } from './grip';
import { holdFigures } from './hold';
import { inPersonFigures } from './in-person';
import { limbsFigures } from './limbs';
import { loadMovesFigures } from './load-moves';
import { loadFigures } from './load';
import { moreFigures } from './more';
import { openFigures } from './open';
import { pinchFigures } from './pinch';
import { stretchFigures } from './stretch';
import { tapFigures } from './tap';
import { weightsFigures } from './weights';
import { wristFigures } from './wrist';

/** How each movement of the catalogue looks, by its id; cut into files as the movements are. */
export const FIGURES: Readonly<Record<string, MovementFigure>> = {
  ...arriveAndWakeFigures,
  ...bodyFigures,
  ...coordinationFigures,
  ...easeFigures,
  ...fingersFigures,
  ...gripFigures,
  ...holdFigures,
  ...loadMovesFigures,
  ...loadFigures,
  ...openFigures,
  ...pinchFigures,
  ...stretchFigures,
  ...tapFigures,
  ...weightsFigures,
  ...wristFigures,
  ...moreFigures,
  ...limbsFigures,
  ...inPersonFigures,
};
