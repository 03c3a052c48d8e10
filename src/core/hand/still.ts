import { motionArrow, type Arrow } from './arrow';
import type { FigureShape } from './figure';
import { keyPoses, oppositePose, startPose, tellingPose, type MovementFigure } from './motion';
import type { FullPose } from './pose';
import { boxOf, isLone, loneBoxOf, handByHandShapes, sceneShapes, type Stage } from './scene';
import type { Box } from './scenes';

/** A still picture: its shapes, the room it needs, and the way it goes. */
export type Still = {
  readonly shapes: readonly FigureShape[];
  readonly box: Box;
  readonly arrow: Arrow | null;
};

/** The most telling moment, down to an icon: one hand where two only do the same, both where they meet. */
export const stillOf = (figure: MovementFigure): Still =>
  stillAt(figure, tellingPose(figure.motion), 'with its arrow');

/** The key poses one after another, for paper and for whoever wants no motion. */
export const keyStills = (figure: MovementFigure): readonly Still[] =>
  distinct(keyPoses(figure.motion)).map((pose) => stillAt(figure, pose, 'without'));

function stillAt(figure: MovementFigure, pose: FullPose, arrow: 'with its arrow' | 'without'): Still {
  const stage: Stage = {
    poses: { L: otherHand(figure, pose), R: pose },
    working: 'R',
    swapped: false,
    order: ['L', 'R'],
  };
  const lone = isLone(figure);
  return {
    shapes: lone ? handByHandShapes(figure, stage).R : sceneShapes(figure, stage),
    box: lone ? loneBoxOf(figure) : boxOf(figure),
    arrow: arrow === 'without' ? null : motionArrow(figure, 'R', stage, startPose(figure.motion)),
  };
}

function otherHand(figure: MovementFigure, pose: FullPose): FullPose {
  if (figure.oneAtATime) return startPose(figure.motion);
  return figure.counter ? oppositePose(figure.motion) : pose;
}

function distinct(poses: readonly FullPose[]): readonly FullPose[] {
  return poses.filter((p, i) => poses.findIndex((q) => JSON.stringify(q) === JSON.stringify(p)) === i);
}
