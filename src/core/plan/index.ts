export { atRung, movementOfRow, rungOf } from './at-rung';
export { blockSchema, type Block, type BlockFields } from './edit/block';
export { changedRows } from './look/changed-rows';
export {
  checkOf,
  checkPlan,
  checkWithReserve,
  contextOf,
  withReserves,
  type ClassFacts,
  type PlanCheck,
  type PlanContext,
} from './check/check';
export { comparePlans } from './look/compare';
export { chosenRows, duplicateRows, insertRows, moveRows, removeRows } from './edit/copy-rows';
export { coverageGaps, fillersFor, planMoves, usualMoves, type Filler } from './check/coverage-gaps';
export { LONGEST_EFFORT_MS, isEffort } from './check/effort';
export {
  baselineWords,
  leftOutIn,
  type Baseline,
  type Finding,
  type RuleContext,
  type Severity,
} from './check/finding';
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
export { FIRST_CLASSES } from './check/limits';
export { mapMovementRows, onlyRows } from './edit/map-rows';
export { mendEffect, type MendEffect } from './check/mend-effect';
export { editsSince, commutesWith } from './edit/merge';
export { muteOf, muteStep, unmuteStep, withoutMutes } from './edit/mute';
export { cautionsOf, rowCosts, troubleIn } from './check/needs';
export { neighbourPlace } from './check/neighbour-place';
export { newClassSchema, type NewClassFields } from './edit/new-class';
export { freshRowId, insertBeside, newMovementRow, rowStep } from './edit/new-rows';
export { correctedMs, learnedPace, paceWords, type Pace, type PaceSample } from './check/pace';
export {
  SECTION_NAMES,
  bpmSchema,
  emptyPlan,
  findRow,
  movementRows,
  muteSchema,
  placedRows,
  planSchema,
  sectionNameSchema,
  type MovementRow,
  type Plan,
  type Row,
  type Section,
} from './plan';
export { replaceRows } from './edit/replace';
export { classAsks, reservesFrom, reservesOf, type ClassAsks, type HandReserve } from './check/reserve';
export { rowTitle } from './look/row-title';
export { PRACTICE, RULE_LETTERS, ruleOf } from './check/rules';
export { fewNew } from './check/rules/progress/few-new';
export { steepRises } from './check/rules/progress/gentle-rise';
export { oneChange } from './check/rules/progress/one-change';
export { findingsOf } from './check/rules/rule';
export { rankedCuts, type Cut } from './check/shorten';
export { MAX_STEPS, applyStep, stepSchema, type PlanStep } from './edit/step';
export { OPPOSITE_STRETCH, stretchDirections } from './check/stretch-directions';
export { planTiming, scriptContextOf, type PlanTiming, type RowTiming } from './check/timing';
export { rowTraces, type ReserveSample, type RowTrace } from './look/traces';
export { NO_VOLUME, addVolume, planVolume, rowVolume, type Volume } from './check/volume';
