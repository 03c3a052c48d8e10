export { ASSUMED_GRIP_KG } from './grip';
export {
  after,
  enduranceMs,
  FRESH,
  reserveOf,
  reserveTrace,
  type LoadSpan,
  type ReservePoint,
} from './fatigue';
export { gripSpans } from './grip-spans';
export { lowestOfHands, type ReserveRange } from './reserve-range';
export {
  boutIndex,
  dayIndex,
  IMPACT_FACTOR,
  mixedBoutIndex,
  weekIndex,
  type LoadCycles,
} from './index-of-loading';
export { loadsOfRow, outOfReach, type PersonLoad } from './person-load';
export { gradeFor, hasForceLine, propDemandOn, type PersonGrade } from './prop-fit';
export {
  pushTrouble,
  readPush,
  simulatedKg,
  type ScalePush,
  type ReadPush,
  type ScaleReading,
} from './scale';
export { weightMeasured } from './weight-measurement';
