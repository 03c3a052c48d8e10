export { catalogueOf, type Catalogue, type Declined } from './catalogue';
export {
  HANDS,
  HELPS,
  POSITIONS,
  TRAITS,
  type Hands,
  type Help,
  type Position,
  type Trait,
} from './features';
export { catalogueIssues } from './invariants';
export {
  EFFORT_KINDS,
  GENTLE,
  GRIPPING,
  JOINTS,
  LOAD_SET_UPS,
  PURPOSES,
  RESISTED,
  SECTION_KINDS,
  canBeJoined,
  isEffort,
  isSeated,
  LONGEST_EFFORT_MS,
  isThumbHeavy,
  isRestful,
  doneWith,
  HAND_JOINTS,
  usesHands,
  propsOf,
  positionOf,
  type EffortKind,
  type Joint,
  type LoadSetUp,
  type Movement,
  type MovementOnRung,
  type Phases,
  type Purpose,
  type SectionKind,
} from './movement';
export { ownIssues, ownMovementSchema, ownOf, withOwn, type OwnMovement, type OwnMovementInput } from './own';
export { forceAtN, type ForceLine, type Prop, type PropGrade } from './prop';
export {
  RUNG_CHANGES,
  currentRung,
  easierOf,
  rungNoteOf,
  rungEasier,
  strongerOf,
  usualRungOf,
  waysForAll,
  type Ladder,
  type RungChange,
  type RungDetail,
  type WayForAll,
} from './rung';
export { SCHOOLS, doseInSchool, type School } from './school';
