export {
  CLEARANCE_SCOPES,
  SCOPE_WORDS,
  clearanceDoubt,
  currentClearance,
  clearanceFor,
  type Clearance,
  type ClearanceScope,
} from './clearance';
export { adviceNote, type ClassLine } from './advice-note';
export { changesBetween, type ChangeNames } from './changes';
export { expiringClearances } from './expiring';
export {
  MEASURES,
  MEASURE_KINDS,
  WRIST_RANGES,
  WRIST_RANGE_WORDS,
  currentKind,
  STEPS_OF_NOISE,
  inSteps,
  instrumentSchema,
  isCounted,
  isOfWholePerson,
  measureName,
  measureSchema,
  measureText,
  measureUnit,
  simulatedMark,
  takenWith,
  type Instrument,
  type Measure,
  type MeasureKind,
  type Simulated,
  type WristRange,
} from './measures';
export { mergeRecords } from './merge';
export { NEEDS, byNeed, needOf } from './need';
export { painPair } from './pain-words';
export {
  CONDITION_STATES,
  MAX_MEASURES,
  RECORD_DEFAULTS,
  fullName,
  helpersNeeded,
  latestMeasure,
  nobodyKnown,
  personFieldsSchema,
  type ConditionState,
  type Person,
  type PersonCondition,
  type PersonFields,
} from './person';
export { seatingOf } from './seating';
export { lastSettled, stateOn, withFlaresSettled } from './flare';
export { withConditions } from './conditions';
