export { courseAtStart, courseOf, seenFrom, slipsAt, withSeconds, type Course, type Slip } from './course';
export {
  FEWEST_PEOPLE,
  MOST_PEOPLE,
  madeUpGroup,
  withoutNames,
  type Likely,
  type MadeUpPerson,
} from './group';
export { PRACTICE_LEVELS, type PracticeLevel } from './level';
export {
  EMPTY_LOG,
  withAct,
  withTurn,
  type Act,
  type PracticeClass,
  type PracticeLog,
  type Turn,
} from './log';
export { CUES, SLIPS, SLIP_KINDS, type CueId, type SlipKind } from './slips';
export { momentAt } from './moment';
export { personNow, seenWords } from './picture';
export { roomForRow } from './room-for-row';
export { RULES_OF_GROUP } from './rates';
export { reviewOf, type PracticeReview } from './review';
export { type Reaction } from './reactions';
export { reactionWords, reviewLines } from './review-words';
export { seatsOf, type Seat } from './seats';
export { KEPT_FROM_MS, practiceResultSchema, resultOf, shareMet, type PracticeResult } from './result';
export { soFar, type LevelSoFar } from './so-far';
