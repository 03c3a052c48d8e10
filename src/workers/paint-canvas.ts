import { paintOf, type FigureShape, type Ink } from '@/core/draw';

/** The colours of a page as it looks now, by ink. */
export type InkColours = Readonly<Record<Ink, string>>;

/** The shapes of a figure on a canvas, for pictures of many at once, which a page of paths would be too slow for. */
export function paintShapes(
  context: OffscreenCanvasRenderingContext2D,
  shapes: readonly FigureShape[],
  colours: InkColours,
): void {
  for (const shape of shapes)
    for (const { d, fill, stroke, strokeMm, strokeOpacity, round } of paintOf(shape)) {
      const path = new Path2D(d);
      if (fill) {
        context.fillStyle = colours[fill];
        context.fill(path);
      }
      if (stroke) {
        context.globalAlpha = strokeOpacity;
        context.strokeStyle = colours[stroke];
        context.lineWidth = strokeMm;
        context.lineCap = round ? 'round' : 'butt';
        context.lineJoin = round ? 'round' : 'miter';
        context.stroke(path);
        context.globalAlpha = 1;
      }
    }
}
