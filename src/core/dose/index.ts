export { boutsOf } from './bouts';
export { describeDose, doseWords, toldDose, type DoneWith } from './describe';
export {
  FINGERS,
  doseOf,
  leastCount,
  MIN_MS,
  doseSchema,
  primaryCount,
  stepMs,
  stepsOfRound,
  UNDOING,
  withPrimaryCount,
  type Count,
  type Dose,
  type Hand,
} from './dose';
export { doseIssues } from './issues';
export { lighterDose } from './lighter';
export { longestCount, noLongerThan, withoutExtras } from './longest';
export { fitToMusic } from './music';
export { lengthMs, stretched, withBeads } from './nudge';
export { PACE, SHORTEST_BREATH_MS, breathInMs, handOutMs } from './pace';
export {
  breathOf,
  COUNTED,
  firstHalfMs,
  scriptLength,
  scriptOf,
  type Beat,
  type ScriptContext,
} from './script';
export { EACH_WAY, foreignPasses, MAX_PASSES, passesNamed, passesOf, passSchema, type Pass } from './passes';
export { FREE_CYCLE_MS, perHand } from './per-hand';
export { shortDose, shortTurns } from './short';
export { doseTiming, type DoseTiming } from './timing';
export { doseTotals } from './totals';
