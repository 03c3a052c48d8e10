import { stillOf, type FullPose, type MovementFigure } from '@/core/hand';
import { FigureShapes } from '@/ui/hand/hand-figure';

type Props = { figure: MovementFigure; pose: FullPose };

/** The person as one pose has them. */
export function PosedPerson({ figure, pose }: Props) {
  const { shapes, box } = stillOf({ ...figure, motion: { kind: 'held', from: pose, to: pose } });
  return (
    <svg
      role="img"
      aria-label="The person in this pose"
      viewBox={`${box.x} ${box.y} ${box.w} ${box.h}`}
      className="sticky top-4 h-96 w-full"
    >
      <FigureShapes shapes={shapes} />
    </svg>
  );
}
