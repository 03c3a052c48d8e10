import type { Purpose } from '../catalogue';
import type { CordShape } from './cord-layout';

/** Colours by the names of the design tokens; the beads have that of their purpose. */
export type CordInk = Purpose | 'ink' | 'soft' | 'paper';

type CordPath = {
  readonly kind: 'path';
  readonly d: string;
  readonly fill: CordInk | null;
  readonly stroke: CordInk | null;
  readonly strokeWidth: number;
  /** A row of dots so far apart, px. */
  readonly dotted: number | null;
};
type CordText = {
  readonly kind: 'text';
  readonly text: string;
  readonly x: number;
  /** Of the line that letters stand on. */
  readonly y: number;
  readonly size: number;
  readonly bold: boolean;
  readonly middle: boolean;
  readonly ink: CordInk;
};
/** One stroke or word of a drawn cord, px. */
export type CordPaint = CordPath | CordText;

/** What one shape of a cord is painted with, for the screen and for paper. */
export function paintOfCord(shape: CordShape, purpose: Purpose): readonly CordPaint[] {
  switch (shape.kind) {
    case 'string':
      return shape.doubled
        ? [
            stroked(`M${shape.x1} ${shape.y - 2}H${shape.x2}`, 1.2),
            stroked(`M${shape.x1} ${shape.y + 2}H${shape.x2}`, 1.2),
          ]
        : [stroked(`M${shape.x1} ${shape.y}H${shape.x2}`, 1.5)];
    case 'bead':
      return [filled(round(shape.x, shape.y, shape.r), purpose)];
    case 'bar':
      return [
        filled(capsule(shape.x, shape.y, shape.width), purpose),
        lettering(shape.label, shape.x + shape.width / 2, shape.y),
      ];
    case 'swell':
      return [filled(swell(shape.x, shape.y, shape.width), purpose)];
    case 'dots':
      return [
        { ...stroked(`M${shape.x1 + 2} ${shape.y}H${shape.x2}`, 4), stroke: purpose, dotted: 9 },
        word(shape.label, shape.x2 + 8, shape.y + 5, 15),
      ];
    case 'letter':
      return [filled(round(shape.x, shape.y, shape.r), purpose), lettering(shape.letter, shape.x, shape.y)];
    case 'hook':
      return [stroked(`M${shape.x} ${shape.y - 3}h6a4.5 4.5 0 0 1 0 9h-4m3 -3l-3.5 3l3.5 3`, 1.8)];
    case 'cross':
      return [
        stroked(`M${shape.x} ${shape.y - 5}c6 0 7 10 13 10M${shape.x} ${shape.y + 5}c6 0 7 -10 13 -10`, 1.8),
      ];
    case 'turn':
      return [stroked(`M${shape.x + 2} ${shape.y + 4}a5 5 0 0 1 10 0m-2.5 -2.5l2.5 2.5l2.5 -2.5`, 1.8)];
    case 'times':
      return [word(`× ${shape.times}`, shape.x, shape.y + 5, 15)];
    case 'hand':
      return [{ ...word(shape.letter, shape.x, shape.y + 4.5, 13), bold: true, ink: 'soft' }];
  }
}

const stroked = (d: string, strokeWidth: number): CordPath => ({
  kind: 'path',
  d,
  fill: null,
  stroke: 'ink',
  strokeWidth,
  dotted: null,
});
const filled = (d: string, fill: CordInk): CordPath => ({
  kind: 'path',
  d,
  fill,
  stroke: null,
  strokeWidth: 0,
  dotted: null,
});
const word = (text: string, x: number, y: number, size: number): CordText => ({
  kind: 'text',
  text,
  x,
  y,
  size,
  bold: false,
  middle: false,
  ink: 'ink',
});
/** Letters on a bead. */
const lettering = (text: string, x: number, y: number): CordText => ({
  ...word(text, x, y + 4.5, 12.5),
  bold: true,
  middle: true,
  ink: 'paper',
});

const round = (x: number, y: number, r: number): string =>
  `M${x - r} ${y}a${r} ${r} 0 1 1 ${2 * r} 0a${r} ${r} 0 1 1 ${-2 * r} 0z`;
const capsule = (x: number, y: number, width: number): string =>
  `M${x + 8} ${y - 8}h${width - 16}a8 8 0 0 1 0 16h${16 - width}a8 8 0 0 1 0 -16z`;

/** A bead with a swell: a rise for the breath in, a longer fall for the breath out. */
function swell(x: number, y: number, width: number): string {
  const [rise, fall] = [width * 0.4, width * 0.56];
  return `M${x} ${y}q${rise / 2} ${-16} ${rise} 0q${fall / 2} ${13} ${fall} 0z`;
}
