export { BODY_LIMITS, isWay, type BodyAxis, type BodyPose } from './axes';
export { BUILDS, type Build } from './build';
export { floorLine, furnitureParts, onFloor } from './furniture';
export { BODY_INK_MM, bodyParts, feetParts } from './parts';
export { HAND_PLACES, isSeated, STANCES, type HandPlace, type StanceKind } from './places';
export { outwardOf, type Arm, type HandAt, type Posture, type Side, type Skeleton } from './posture';
export { skeletonOf } from './skeleton';
