import type { Arrow } from './arrow';
import type { Fill, FigureShape } from './shape';

/** Colours by the names of the design tokens. */
export type Ink = Exclude<Fill, 'sleeve'> | 'paper' | 'linen' | 'glide';

/** One path as it is painted, mm; no fill or no stroke where there is none. */
export type PaintedPath = {
  readonly d: string;
  readonly fill: Ink | null;
  readonly stroke: Ink | null;
  readonly strokeMm: number;
  readonly strokeOpacity: number;
  readonly round: boolean;
};

const filled = (d: string, fill: Ink): PaintedPath => ({
  d,
  fill,
  stroke: null,
  strokeMm: 0,
  strokeOpacity: 1,
  round: false,
});
const stroked = (d: string, stroke: Ink, strokeMm: number, rest: Partial<PaintedPath> = {}): PaintedPath => ({
  d,
  fill: null,
  stroke,
  strokeMm,
  strokeOpacity: 1,
  round: false,
  ...rest,
});

/** Ink that shows on either side of a band, mm. */
const BAND_EDGE_MM = 3.6;

/** The paths of one shape of a figure, in the order in which they lie. */
export function paintOf(shape: FigureShape): readonly PaintedPath[] {
  switch (shape.part) {
    case 'line':
      return [stroked(shape.d, 'ink', shape.widthMm ?? 1.5, { strokeOpacity: 0.5, round: true })];
    case 'band':
      return [stroked(shape.d, 'ink', shape.widthMm + BAND_EDGE_MM), stroked(shape.d, 'prop', shape.widthMm)];
    case 'nail':
      return [stroked(shape.d, 'ink', 0.8, { fill: 'nail', strokeOpacity: 0.45 })];
    case 'sleeve':
      return [filled(shape.d, 'paper')];
    default:
      return [filled(shape.d, shape.part)];
  }
}

/** The way a movement goes, over the figure. */
export const paintOfArrow = ({ shaft, heads, size }: Arrow): readonly PaintedPath[] => [
  stroked(shaft, 'linen', 11 * size, { round: true }),
  ...heads.map((head) => stroked(head, 'linen', 6 * size, { fill: 'linen', round: true })),
  stroked(shaft, 'glide', 5.5 * size, { round: true }),
  ...heads.map((head) => stroked(head, 'glide', 1, { fill: 'glide', round: true })),
];
