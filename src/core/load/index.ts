export type { SidePoint } from './body';
export { reserveTrace, type LoadSpan, type ReservePoint } from './fatigue';
export { gripSpans } from './grip-spans';
export { boutIndex, dayIndex, weekIndex } from './index-of-loading';
export {
  loadSettingNote,
  loadSettingSchema,
  loadSettingWords,
  plannedShare,
  type LoadSetting,
  type RowMovement,
} from './load-setting';
export { loadsOfRow, outOfReach, type PersonLoad } from './person-load';
export { gradeFor, hasForceLine, type PersonGrade } from './prop-fit';
export {
  pushTrouble,
  readPush,
  simulatedKg,
  type ScalePush,
  type ReadPush,
  type ScaleReading,
} from './scale';
export { ON_THE_FLOOR, loadLadder, nextRung, perWristKg, usualStance, type LadderRung } from './set-ups';
export { limbsOf, type Limb } from './side-view';
export { loadOfStance, type Stance, type StanceLoad } from './stance';
