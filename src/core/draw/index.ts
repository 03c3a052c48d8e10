export {
  arrowAlong,
  arrowBothWays,
  arrowOfRound,
  atLeastLong,
  lengthOf,
  pressMark,
  spanOf,
  type Arrow,
} from './arrow';
export { around, boundsOf, boundsOfShapes, grownBy, holds, type Box } from './bounds';
export { seeing, STRAIGHT_ON, type Camera } from './camera';
export { capsule, hullOfDiscs, type Disc } from './outline';
export { paintOf, paintOfArrow, type Ink, type PaintedPath } from './paint';
export { disc, INK_MM, meanDepth, outlined, painted, type Fill, type FigureShape, type Part } from './shape';
export {
  add,
  between,
  cross,
  distance,
  dot,
  radians,
  scale,
  sub,
  turn,
  turning,
  unit,
  type Vec,
} from './vector';
