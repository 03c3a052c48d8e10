import { cordOf, layOutCord, oneRound, paintOfCord, type CordPaint } from '../cord';
import { describeDose } from '../dose';
import { paintOf, paintOfArrow } from '../draw';
import { stillOf, type MovementFigure } from '../hand';
import { PRINT_INK } from './ink';
import { pathMark, tagOf, type Stroke, type TextWidth, type Tag } from './marks';
import type { CordPiece, Piece, Text, TextSize, TickDays } from './sheet';
import { gap, type Strip } from './strips';
import { wrapRuns } from './wrap';

/** Where something is laid: the width there is, the size of ordinary print, and how wide words are, all pt. */
export type LayoutBox = { readonly width: number; readonly size: number; readonly measure: TextWidth };
/** Something laid out, and what a reader that speaks it is told. */
export type Laid = { readonly tags: readonly Tag[]; readonly strips: readonly Strip[] };

const TEXT_SIZES: Readonly<Record<TextSize, number>> = { small: 0.88, large: 1.15, huge: 1.35 };
const LINE_HEIGHT = 1.18;
/** From the top of a line to where its letters stand, of its height. */
const ASCENT = 0.76;
/** A drawn px of a cord against ordinary print of 18 px. */
const CORD_PX = 1 / 18;
/** How high a picture in a cell is at most, of ordinary print. */
const PICTURE_HIGH = 4;
const ROUND = 'M-1 0a1 1 0 1 1 2 0a1 1 0 1 1 -2 0z';

/** A piece, with its lines in a tag of its own or in that of its cell. */
export function layPiece(piece: Piece, room: LayoutBox, cell: Tag | null = null): Laid {
  switch (piece.kind) {
    case 'text':
      return layText(piece, room, cell);
    case 'cord':
      return layCord(piece, room);
    case 'tick': {
      const r = room.size * 0.62;
      const tag = tagOf('Figure', [], { alt: `Round to tick: ${piece.what}` });
      const mark = pathMark(
        tag,
        { x: r + 1, y: r + 2, d: ROUND, scale: r },
        { fill: PRINT_INK.paper, stroke: PRINT_INK.ink, strokeWidth: 1.1 / r },
      );
      return { tags: [tag], strips: [{ height: 2 * r + 4, marks: [mark] }] };
    }
    case 'days':
      return layDays(piece, room);
    case 'picture':
      return layFigure(piece.figure, piece.shows, room.size * PICTURE_HIGH, room.width);
  }
}

/** Lines of words, each a strip, so that a long text can go on on the next page. */
export function layText({ runs, size }: Text, room: LayoutBox, cell: Tag | null = null): Laid {
  const pt = room.size * (size ? TEXT_SIZES[size] : 1);
  const tag = cell ?? tagOf('P');
  const height = pt * LINE_HEIGHT;
  const strips = wrapRuns(runs, room.width, pt, room.measure).map((line): Strip => ({
    height,
    marks: line.map(({ text, tone, x }): Stroke => ({
      kind: 'word',
      tag,
      x,
      y: height * ASCENT,
      text,
      size: pt,
      bold: tone === 'bold',
      colour: tone === 'soft' ? PRINT_INK.soft : PRINT_INK.ink,
    })),
  }));
  return { tags: cell ? [] : [tag], strips };
}

function layCord({ dose, purpose, of, breathMs }: CordPiece, { width, size, measure }: LayoutBox): Laid {
  const px = size * CORD_PX;
  const layout = layOutCord(oneRound(cordOf(dose)), width / px);
  const tag = tagOf('Figure', [], { alt: describeDose(dose, { breathMs, slowFirst: false }, of) });
  const marks = layout.shapes.flatMap((s) =>
    paintOfCord(s, purpose).map((p) => cordMark(p, tag, px, measure)),
  );
  return { tags: [tag], strips: [gap(px * 2), { height: layout.height * px, marks }, gap(px * 2)] };
}

function cordMark(paint: CordPaint, tag: Tag, px: number, measure: TextWidth): Stroke {
  if (paint.kind === 'path')
    return pathMark(
      tag,
      { x: 0, y: 0, d: paint.d, scale: px },
      {
        fill: paint.fill && PRINT_INK[paint.fill],
        stroke: paint.stroke && PRINT_INK[paint.stroke],
        strokeWidth: paint.strokeWidth,
        round: paint.dotted !== null,
        dotted: paint.dotted,
      },
    );
  const size = paint.size * px;
  const left = paint.middle ? measure(paint.text, paint.bold, size) / 2 : 0;
  return {
    kind: 'word',
    tag,
    x: paint.x * px - left,
    y: paint.y * px,
    text: paint.text,
    size,
    bold: paint.bold,
    colour: PRINT_INK[paint.ink],
  };
}

/** Days side by side, their rounds below them, on as many lines as they need. */
function layDays({ days }: TickDays, { width, size, measure }: LayoutBox): Laid {
  const pt = size * 0.88;
  const [r, step, line] = [pt * 0.55, pt * 1.5, pt * 2.6];
  const wide = (d: TickDays['days'][number]) =>
    Math.max(measure(d.label, false, pt), d.times * step) + pt * 1.2;
  let [x, y] = [0, 0];
  const tags: Tag[] = [];
  const marks = days.flatMap((day): Stroke[] => {
    if (x > 0 && x + wide(day) > width) [x, y] = [0, y + line];
    const tag = tagOf('P');
    tags.push(tag);
    const left = x;
    x += wide(day);
    const label = day.times === 0 ? `${day.label}: rest` : day.label;
    const said: Stroke = {
      kind: 'word',
      tag,
      x: left,
      y: y + pt,
      text: label,
      size: pt,
      bold: false,
      colour: PRINT_INK.ink,
    };
    if (day.times === 0) x += measure(': rest', false, pt);
    const rounds = Array.from({ length: day.times }, (_, i) =>
      pathMark(
        null,
        { x: left + r + i * step, y: y + pt * 1.85, d: ROUND, scale: r },
        { fill: PRINT_INK.paper, stroke: PRINT_INK.ink, strokeWidth: 0.9 / r },
      ),
    );
    return [said, ...rounds];
  });
  return { tags, strips: [{ height: y + line, marks }] };
}

/** A movement drawn so high, pt. */
export function layFigure(
  figure: MovementFigure,
  shows: string,
  height: number,
  most: number,
): Laid & { readonly width: number } {
  const { shapes, box, arrows } = stillOf(figure);
  const scale = Math.min(height / box.h, most / box.w);
  const tag = tagOf('Figure', [], { alt: shows });
  const paths = [...shapes.flatMap(paintOf), ...arrows.flatMap(paintOfArrow)];
  const marks = paths.map((p) =>
    pathMark(
      tag,
      { x: -box.x * scale, y: -box.y * scale, d: p.d, scale },
      {
        fill: p.fill && PRINT_INK[p.fill],
        stroke: p.stroke && PRINT_INK[p.stroke],
        strokeWidth: p.strokeMm,
        strokeOpacity: p.strokeOpacity,
        round: p.round,
      },
    ),
  );
  return { tags: [tag], strips: [{ height: box.h * scale, marks }], width: box.w * scale };
}
