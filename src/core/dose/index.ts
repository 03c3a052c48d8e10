export { boutsOf } from './bouts';
export { describeDose, doseWords } from './describe';
export {
  FINGERS,
  doseOf,
  doseSchema,
  primaryCount,
  withPrimaryCount,
  type Count,
  type Dose,
  type Hand,
} from './dose';
export { lighterDose } from './lighter';
export { fitToMusic } from './music';
export { lengthMs, stretched, withBeads } from './nudge';
export { PACE, breathInMs, handOutMs } from './pace';
export { COUNTED, scriptLength, scriptOf, type Beat, type ScriptContext } from './script';
export { shortDose } from './short';
export { doseTiming, type DoseTiming } from './timing';
export { doseTotals } from './totals';
