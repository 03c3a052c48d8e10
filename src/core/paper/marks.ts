/** What a part of a page is, for a reader that speaks it: the standard structure types of PDF (ISO 32000-1, 14.8.4). */
export type Tag = {
  readonly type:
    'H1' | 'H2' | 'P' | 'L' | 'LI' | 'Lbl' | 'LBody' | 'Table' | 'TR' | 'TH' | 'TD' | 'Div' | 'Figure';
  readonly alt?: string;
  readonly title?: string;
  readonly scope?: 'Row' | 'Column';
  readonly children: readonly Tag[];
};

type Placed = {
  /** What it belongs to; null for lines and feet, which are not read out. */
  readonly tag: Tag | null;
  /** pt from the top left; a text stands on this line. */
  readonly x: number;
  readonly y: number;
};
export type WordMark = Placed & {
  readonly kind: 'word';
  readonly text: string;
  /** pt. */
  readonly size: number;
  readonly bold: boolean;
  readonly colour: string;
};
export type PathMark = Placed & {
  readonly kind: 'path';
  /** SVG path data in its own units, drawn from (x, y) at so many pt a unit. */
  readonly d: string;
  readonly scale: number;
  readonly fill: string | null;
  readonly stroke: string | null;
  readonly strokeWidth: number;
  readonly strokeOpacity: number;
  readonly round: boolean;
  readonly dotted: number | null;
};
/** One word or stroke on a page. */
export type Stroke = WordMark | PathMark;

/** A word with the width it takes, pt, or a stroke. */
export type PrintedMark = (WordMark & { readonly width: number }) | PathMark;

/** The pages of a sheet with what is printed on each, from its top left; sizes in pt. */
export type PrintedPages = {
  readonly width: number;
  readonly height: number;
  readonly pages: readonly (readonly PrintedMark[])[];
};

/** Width of words in one line, pt. */
export type TextWidth = (text: string, bold: boolean, size: number) => number;

export const tagOf = (type: Tag['type'], children: readonly Tag[] = [], rest: Partial<Tag> = {}): Tag => ({
  type,
  children,
  ...rest,
});

export const moved = (mark: Stroke, dx: number, dy: number): Stroke => ({
  ...mark,
  x: mark.x + dx,
  y: mark.y + dy,
});

const PLAIN = { strokeOpacity: 1, round: false, dotted: null } as const;

export const pathMark = (
  tag: Tag | null,
  { x, y, d, scale = 1 }: { x: number; y: number; d: string; scale?: number },
  paint: Partial<Pick<PathMark, 'fill' | 'stroke' | 'strokeWidth' | 'strokeOpacity' | 'round' | 'dotted'>>,
): PathMark => ({
  kind: 'path',
  tag,
  x,
  y,
  d,
  scale,
  fill: null,
  stroke: null,
  strokeWidth: 0,
  ...PLAIN,
  ...paint,
});

/** A line across or down, pt. */
export const rule = (
  x: number,
  y: number,
  { across = 0, down = 0 }: { across?: number; down?: number },
  width: number,
  colour: string,
): PathMark => pathMark(null, { x, y, d: `M0 0l${across} ${down}` }, { stroke: colour, strokeWidth: width });
