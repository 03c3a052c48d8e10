import { boundsOfShapes, grownBy, type FigureShape } from '@/core/draw';
import { FigureShapes } from './hand-figure';

/** Air round a drawing, mm. */
const AIR_MM = 8;

type Props = { shapes: readonly FigureShape[]; label: string; className: string };

/** One drawing by itself, as large as its place lets it be, at the top of it. */
export function Drawing({ shapes, label, className }: Props) {
  const { x, y, w, h } = grownBy(boundsOfShapes(shapes), AIR_MM);
  return (
    <svg
      role="img"
      aria-label={label}
      viewBox={`${x} ${y} ${w} ${h}`}
      preserveAspectRatio="xMidYMin"
      className={className}
    >
      <FigureShapes shapes={shapes} />
    </svg>
  );
}
