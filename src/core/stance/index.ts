export type { SidePoint } from './body';
export {
  loadFor,
  loadSettingNote,
  loadSettingSchema,
  loadSettingWords,
  plannedShare,
  shareOn,
  type LoadSetting,
  type RowMovement,
} from './load-setting';
export { PLANNED_SHARE, PLANNED_STATURE_M } from './set-up-share';
export {
  ON_THE_FLOOR,
  likeRungs,
  loadLadder,
  nextRung,
  perWristKg,
  usualStance,
  type LadderRung,
} from './set-ups';
export { isAboutTheSame, type Band } from './band';
export { limbsOf, type Limb } from './side-view';
export { spreadAmongBodies } from './spread';
export { loadOfStance, type Stance, type StanceLoad } from './stance';
