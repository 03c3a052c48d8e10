export { adaptedDose } from './adaptation';
export { NOTHING_NEW, asToday, checkInSchema, type CheckIn } from './check-in';
export { doseWord } from './dose-facts';
export type { CautionTable, ScreeningContext } from './hits';
export { clauseMatches, type CautionRule, type Condition } from './rule';
export {
  VERDICTS,
  isLeftOut,
  opennessOf,
  verdictFor,
  type HandVerdict,
  type Verdict,
  type VerdictKind,
} from './verdict';
export { shortWay, wayWords, waysAsked, type KnownWays } from './way-words';
