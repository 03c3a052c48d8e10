export { atRung, movementOfRow, rungOf } from './at-rung';
export { blockSchema, type Block, type BlockFields } from './edit/block';
export { changedRows } from './look/changed-rows';
export { isFirstClass, type Baseline, type ClassFacts } from './check/class-facts';
export {
  checkOf,
  checkPlan,
  checkWithReserve,
  contextOf,
  withReserves,
  type PlanCheck,
  type PlanContext,
} from './check/check';
export { comparePlans } from './look/compare';
export { chosenRows, duplicateRows, insertRows, moveRows, otherSideRows, removeRows } from './edit/copy-rows';
export { verdictOnRow } from './row-verdict';
export { shortForm } from './edit/short-form';
export { coverageGaps, fillersFor, planMoves, usualMoves, type Filler } from './check/coverage-gaps';
export { baselineWords, leftOutIn, type Finding, type RuleContext, type Severity } from './check/finding';
export {
  levelOf,
  mostOf,
  movedAt,
  movedByRows,
  workedByRows,
  type MappedRow,
  type SpotValues,
} from './look/hand-map';
export { edit, goTo, redo, undo, type HistoryEntry, type PlanHistory } from './edit/history';
export { gradeCounts, type KitLine } from './check/kit';
export { heldIn, heldWords, type HeldBack } from './check/held';
export { FIRST_CLASSES, GRIP_LEFT } from './check/limits';
export { forAnybody, mapMovementRows, onlyRows } from './edit/map-rows';
export { withPassNames } from './edit/pass-names';
export { misfitIn } from './edit/misfit';
export { mendEffect, type MendEffect } from './check/mend-effect';
export { editsSince, commutesWith } from './edit/merge';
export { muteOf, muteStep, unmuteStep, withoutMutes } from './edit/mute';
export { cautionsOf, rowCosts, troubleIn } from './check/needs';
export { neighbourPlace } from './check/neighbour-place';
export { newClassSchema, type NewClassFields } from './edit/new-class';
export { freshRowId, insertBeside, insteadOf, newMovementRow, rowStep } from './edit/new-rows';
export { atPace } from './check/at-pace';
export { classLength, lengthWords, paceWords } from './check/class-length';
export { isPaceKnown, learnedPace, takenMs, wayInPart, type Pace, type PaceSample } from './check/pace';
export {
  SECTION_NAMES,
  bpmSchema,
  emptyPlan,
  findRow,
  movementRows,
  muteSchema,
  placedRows,
  planSchema,
  remindersSchema,
  sectionNameSchema,
  type BreakKind,
  type MovementRow,
  type Plan,
  type Row,
  type Section,
} from './plan';
export { replaceRows } from './edit/replace';
export { classAsks, reservesFrom, type ClassAsks, type HandReserve } from './check/reserve';
export { remindersByRow } from './look/reminders';
export { rowNote, rowTitle } from './look/row-title';
export { PRACTICE, RULE_LETTERS, SOMETHING_TO_DO, ruleOf } from './check/rules';
export { FIRST_LOADING, fewNew, oneChange, steepRises } from './check/rules/progress';
export { findingsOf } from './check/rules/rule';
export { CUT_WORDS, rankedCuts, type Cut } from './check/shorten';
export { applyStep } from './edit/step';
export { MAX_STEPS, stepSchema, type PlanStep } from './edit/step-schema';
export { isToStay, newSection, repeatSection, sectionKindsToAdd } from './edit/edit-sections';
export { OPPOSITE_STRETCH, stretchDirections } from './check/stretch-directions';
export { planTiming, scriptContextOf, type PlanTiming, type RowTiming } from './check/timing';
export { rowTraces, type ReserveSample, type RowTrace } from './look/traces';
export { NO_VOLUME, addVolume, planVolume, rowVolume, volumeOfRows, type Volume } from './check/volume';
export { isLearnedMoving, USUAL_WAY_IN, wayInOf, WAYS_IN, wayInSchema, type UsualWayIn } from './way-in';
export { propsWords } from './look/props-words';
