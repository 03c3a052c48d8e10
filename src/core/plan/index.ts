export { atRung, movementOfRow, rungOf } from './at-rung';
export { blockSchema, type Block, type BlockFields } from './block';
export { changedRows } from './changed-rows';
export {
  checkOf,
  checkPlan,
  checkWithReserve,
  contextOf,
  withReserves,
  type ClassFacts,
  type PlanCheck,
  type PlanContext,
} from './check';
export { comparePlans } from './compare';
export { chosenRows, duplicateRows, insertRows, moveRows, removeRows } from './copy-rows';
export { coverageGaps, fillersFor, planMoves, usualMoves, type Filler } from './coverage-gaps';
export { LONGEST_EFFORT_MS, isEffort } from './effort';
export {
  baselineWords,
  leftOutIn,
  type Baseline,
  type Finding,
  type RuleContext,
  type Severity,
} from './finding';
export {
  levelOf,
  mostOf,
  movedAt,
  movedByRows,
  workedByRows,
  type MappedRow,
  type SpotValues,
} from './hand-map';
export { edit, goTo, redo, undo, type HistoryEntry, type PlanHistory } from './history';
export { gradeCounts, type KitLine } from './kit';
export { FIRST_CLASSES } from './limits';
export { mapMovementRows, onlyRows } from './map-rows';
export { mendEffect, type MendEffect } from './mend-effect';
export { editsSince, standsBeside } from './merge';
export { muteOf, muteStep, unmuteStep, withoutMutes } from './mute';
export { cautionsOf, rowCosts, troubleIn } from './needs';
export { neighbourPlace } from './neighbour-place';
export { newClassSchema, type NewClassFields } from './new-class';
export { freshRowId, insertBeside, newMovementRow, rowStep } from './new-rows';
export { correctedMs, learnedPace, paceWords, type Pace, type PaceSample } from './pace';
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
export { replaceRows } from './replace';
export { classAsks, reservesFrom, reservesOf, type ClassAsks, type HandReserve } from './reserve';
export { rowTitle } from './row-title';
export { RULE_LETTERS, ruleOf } from './rules';
export { fewNew } from './rules/progress/few-new';
export { steepRises } from './rules/progress/gentle-rise';
export { oneChange } from './rules/progress/one-change';
export { findingsOf } from './rules/rule';
export { rankedCuts, type Cut } from './shorten';
export { MOST_STEPS, applyStep, stepSchema, type PlanStep } from './step';
export { OPPOSITE_STRETCH, stretchDirections } from './stretch-directions';
export { planTiming, scriptContextOf, type PlanTiming, type RowTiming } from './timing';
export { rowTraces, type ReserveSample, type RowTrace } from './traces';
export { NO_VOLUME, addVolume, planVolume, rowVolume, type Volume } from './volume';
