export { isMeasureDue } from './due';
export { QUIET_MS, readTrial, scoreOfTrials, type Sample, type Scoring, type Trial } from './force-curve';
export {
  HANDS,
  REST_MS,
  TRIES,
  gripResult,
  gripSessions,
  gripTestSchema,
  nextHand,
  peaksOf,
  type GripResult,
  type GripTest,
  type GripTrial,
} from './grip-test';
export { MIN_GROUP_REPORTED, groupSummary, type GroupSummary } from './group-summary';
export {
  CLASSES_LOOKED_AT,
  LOOK_BACK_FROM_DAYS,
  LOOK_BACK_WORDS,
  lookBack,
  type LookBack,
} from './look-back';
export { queueAt, restOfDay } from './measuring-day';
export { lowGripWords } from './low-grip';
export { OPPOSITION_PLACES } from './opposition';
export { readiness, type Readiness } from './readiness';
export { CHANGE_WORDS, changeFrom, gripThreshold, type Session } from './real-change';
export { resultsOf, type MeasureResult } from './results';
export type { Rota, Visit } from './rota';
export { sessionLoad } from './session-load';
export { STEADY_SQUEEZE, madeReadings, type MadeSqueeze } from './simulated-meter';
export { STATIONS, STATION_IDS, type RealVisit, type StationId } from './stations';
export { warningSigns, type ClassReport } from './warning-signs';
