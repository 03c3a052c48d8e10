import { personShapes, stageOfBoth, type FullPose, type MovementFigure } from '@/core/hand';
import { Drawing } from '@/ui/hand/drawing';

type Props = { figure: MovementFigure; pose: FullPose };

/** The person as one pose has them. */
export const PosedPerson = ({ figure, pose }: Props) =>
  figure.person && (
    <Drawing
      shapes={personShapes(figure.person, stageOfBoth(pose), figure.prop)}
      label="The person in this pose"
      className="sticky top-4 h-96 w-full"
    />
  );
