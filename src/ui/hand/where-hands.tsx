import { memo } from 'react';
import { whereOf, whereShapes, type MovementFigure } from '@/core/hand';
import { Drawing } from './drawing';

/** A person, small in the corner, who has their hands where those of the picture are. */
export const WhereHands = memo(function WhereHands({ figure }: { figure: MovementFigure }) {
  const where = whereOf(figure);
  return (
    where && (
      <Drawing
        shapes={whereShapes(figure)}
        label={`Where the hands are: ${where.words}`}
        className="h-[30%] w-[17%] min-w-16 shrink-0"
      />
    )
  );
});
