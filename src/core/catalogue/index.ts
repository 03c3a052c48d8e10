export { catalogueIssues } from './invariants';
export {
  EFFORT_KINDS,
  GENTLE,
  GRIPPING,
  JOINTS,
  LOAD_SET_UPS,
  POSITIONS,
  PURPOSES,
  RESISTED,
  SECTION_KINDS,
  TRAITS,
  catalogueOf,
  isSeated,
  isThumbHeavy,
  needsShakeOut,
  positionOf,
  type Catalogue,
  type Declined,
  type EffortKind,
  type Joint,
  type LoadSetUp,
  type Movement,
  type MovementOnRung,
  type Phases,
  type Position,
  type Purpose,
  type SectionKind,
  type Trait,
} from './movement';
export { ownIssues, ownMovementSchema, ownOf, withOwn, type OwnMovement, type OwnMovementInput } from './own';
export { forceAtN, type ForceLine, type Prop, type PropGrade } from './prop';
export {
  RUNG_CHANGES,
  currentRung,
  easierOf,
  gentlestOf,
  rungNoteOf,
  strongerOf,
  usualRungOf,
  type Ladder,
  type RungChange,
} from './rung';
export { SCHOOLS, doseInSchool, type School } from './school';
