export {
  decide,
  effortTarget,
  goesOnWith,
  groupMovesOn,
  rungWords,
  type Decision,
  type DecisionKind,
  type MovementDone,
  type Outcome,
} from './decision';
export { FAMILIES, familyOf, type Family } from './family';
export { handOutLines } from './hand-out';
export { notShownTo } from './not-shown';
export { storyWords, type ClassStory } from './person-story';
export { familyRows, isInFlare, outcomeOf, type TaughtClass } from './outcomes';
export { ownWays, type OwnWay } from './own-ways';
export { offRungWords, rungAfter, type OwnRung } from './own-rung';
