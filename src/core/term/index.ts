export { carrySteps } from './carry';
export { doneByPerson, donePlan } from './done';
export { termItems } from './items';
export { weekPlan } from './pattern';
export type { PlayFacts, PlayOptions, Played, PlayedClass, PlayedPerson, Quartiles } from './play/options';
export { playTerm } from './play/played';
export {
  PHASES,
  WEEKDAYS,
  holidayOn,
  resizedWeeks,
  termClasses,
  termSchema,
  termSpan,
  usualWeeks,
  type Holiday,
  type Term,
  type TermClass,
  type TermDay,
  type TermWeek,
} from './term';
export {
  JOINTS_IN_ALL,
  NO_TERM_VOLUME,
  addTermVolumes,
  volumeOf,
  type TermVolume,
  type VerdictOn,
} from './volumes';
