export { coverageOf, sumCoverage, type Coverage } from './coverage';
export { asKind, listPoses, withListedPose, withPoseAfter, withSteps, withoutPose } from './edit';
export { figureIssues, figureSchema } from './figure-schema';
export { handParts } from './figure';
export { AXES, FINGER_NAMES, limitOf, type AxisId, type FingerName, type JointId } from './joints';
export {
  figureInPass,
  motionsOf,
  rangeDemand,
  withRange,
  withSplit,
  withWholePoses,
  type FigureView,
  type Motion,
  type MovementFigure,
} from './motion';
export { figureOnRung, type FigureOnRung } from './on-rung';
export { seenHand, type Place, type SeenHand } from './place';
export { REST, fan, fingers, fullPose, thumb, type FullPose, type Pose } from './pose';
export { PROP_SHAPES, type PropShape } from './prop-shape';
export { HANDLES, handleAt, reach, type Handle } from './reach';
export {
  VIEWS,
  handByHandShapes,
  isApart,
  isLone,
  cuffsX,
  sceneShapes,
  specOf,
  stageOfBoth,
  type Stage,
} from './scene';
export { APART_MM, SCENE_KINDS, type SceneKind } from './scenes';
export { handWorks, poseOfHand, previewAt, showingAt, type Showing } from './showing';
export { HAND_SPOTS } from './spots';
export { personShapes, PERSON_SHOWS, PERSON_VIEWS, type PersonIn, type PersonView } from './person';
export { whereOf, whereShapes } from './where';
export { keyStills, pictureShapes, roomOf, stillOf, type Still } from './still';
