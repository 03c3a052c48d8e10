import { capsule, hullOfDiscs, type Disc } from './outline';
import type { Vec } from './vector';

/** What a path is filled as. Clothes, hair and skins of a person are tokens as those of a hand are. */
export type Fill =
  'ink' | 'skin' | 'nail' | 'sleeve' | 'prop' | 'ground' | 'cloth' | 'hair' | 'skin-2' | 'skin-3' | 'hair-2';

/** One path of the drawing, in mm, y down; later shapes lie over earlier ones. A band is a stroke of some width. */
export type FigureShape =
  | { readonly part: Fill; readonly d: string }
  | { readonly part: 'line'; readonly d: string; readonly widthMm?: number }
  | { readonly part: 'band'; readonly d: string; readonly widthMm: number };

/** Shapes at one depth, mm toward the viewer. */
export type Part = { readonly depth: number; readonly shapes: readonly FigureShape[] };

/** The outline of a hand; a whole person, who is drawn smaller, has a thicker one. */
export const INK_MM = 1.9;

export const disc = (v: Vec, r: number): Disc => ({ x: v[0], y: v[1], r });

/** Everything round some circles in one outline. */
export const outlined = (
  discs: readonly Disc[],
  fill: Fill = 'skin',
  inkMm = INK_MM,
): readonly [FigureShape, FigureShape] => [
  { part: 'ink', d: roundAll(discs.map((c) => ({ ...c, r: c.r + inkMm }))) },
  { part: fill, d: roundAll(discs) },
];

/** Two circles need no search for those that reach furthest. */
const roundAll = (discs: readonly Disc[]): string =>
  discs.length === 2 ? capsule(discs[0]!, discs[1]!) : hullOfDiscs(discs);

export const meanDepth = (...points: readonly Vec[]): number =>
  points.reduce((n, p) => n + p[2], 0) / points.length;

/** Furthest first; neighbours of one fill become one path, which all go round the same way. */
export function painted(parts: readonly Part[]): readonly FigureShape[] {
  const shapes: FigureShape[] = [];
  for (const part of [...parts].sort((a, b) => a.depth - b.depth)) {
    for (const shape of part.shapes) {
      const last = shapes[shapes.length - 1];
      const joins = last && last.part === shape.part && shape.part !== 'line' && shape.part !== 'band';
      if (joins) shapes[shapes.length - 1] = { part: shape.part, d: last.d + shape.d } as FigureShape;
      else shapes.push(shape);
    }
  }
  return shapes;
}
