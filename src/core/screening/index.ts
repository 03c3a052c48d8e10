export { adaptedDose } from './adaptation';
export {
  ACCEPTABLE_PAIN,
  NOTHING_NEW,
  asToday,
  checkInSchema,
  painTooHigh,
  restWell,
  saidWords,
  saysNothing,
  type CheckIn,
} from './check-in';
export { doseKey, exposureOf, type Exposure } from './exposure';
export type { CautionTable, ScreeningContext } from './hits';
export { clauseMatches, type CautionRule, type Condition } from './rule';
export {
  VERDICTS,
  holdsProp,
  isLeftOut,
  opennessOf,
  takesPart,
  verdictFor,
  type HandVerdict,
  type Verdict,
  type VerdictKind,
} from './verdict';
export { askedThroughout, throughoutWords } from './asked-throughout';
export { withOwnSets } from './own-sets';
export { shortAdaptation, adaptationText, adaptationsAsked, type KnownAdaptations } from './adaptation-text';
