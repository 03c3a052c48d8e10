import { memo } from 'react';
import { boundsOfShapes } from '@/core/draw';
import { whereOf, whereShapes, type MovementFigure } from '@/core/hand';
import { FigureShapes } from './hand-figure';

/** A person, small in the corner, who has their hands where those of the picture are. */
export const WhereHands = memo(function WhereHands({ figure }: { figure: MovementFigure }) {
  const where = whereOf(figure);
  if (!where) return null;
  const shapes = whereShapes(figure);
  const { x, y, w, h } = boundsOfShapes(shapes);
  return (
    <svg
      role="img"
      aria-label={`Where the hands are: ${where.words}`}
      viewBox={`${x - 8} ${y - 8} ${w + 16} ${h + 16}`}
      preserveAspectRatio="xMinYMin"
      className="h-[30%] w-[17%] min-w-16 shrink-0"
    >
      <FigureShapes shapes={shapes} />
    </svg>
  );
});
