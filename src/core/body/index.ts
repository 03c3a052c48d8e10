export { BODY_LIMITS, isWay, type BodyAxis, type BodyPose } from './axes';
export { BUILDS, type Build } from './build';
export { floorUnder, furnitureParts, onFloor } from './furniture';
export { feetParts } from './feet-parts';
export { bodyParts } from './parts';
export { BODY_INK_MM, type See } from './piece';
export { handPlacesIn, HAND_PLACES, isSeated, STANCES, type HandPlace, type StanceKind } from './places';
export {
  inFrame,
  otherSide,
  outwardOf,
  type Arm,
  type HandAt,
  type Posture,
  type Side,
  type Skeleton,
} from './posture';
export { skeletonOf } from './skeleton';
