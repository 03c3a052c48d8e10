import { boutsOf } from './bouts';
import type { Dose } from './dose';
import { PACE } from './pace';
import type { ScriptContext } from './script';

/** The arithmetic of one dose, ms. `workMs` is movement and holds, the rest is around it. */
export type DoseTiming = {
  readonly workMs: number;
  readonly relaxMs: number;
  readonly changeMs: number;
  readonly restMs: number;
  readonly totalMs: number;
};

/**
 * Working time = repetitions x tempo, or (hold + pause) per hold, or breaths x
 * breath length, or time; plus changes of side, direction and lead, and rests.
 * Written as a sum rather than read off the count script, so that each checks the other.
 */
export function doseTiming(dose: Dose, context: ScriptContext): DoseTiming {
  const bouts = boutsOf(dose);
  const counted = bouts.reduce((n, bout) => n + bout.count, 0);
  const { count } = dose;
  let workMs = 0;
  let relaxMs = 0;
  switch (count.mode) {
    case 'reps':
      workMs = counted * count.tempoMs + firstExtra(count.tempoMs, context);
      break;
    case 'hold':
      workMs = counted * count.holdMs;
      relaxMs = counted * count.relaxMs;
      break;
    case 'breaths':
      workMs = counted * context.breathMs;
      break;
    case 'time':
      workMs = bouts.length * count.timeMs;
      break;
    case 'sequence':
      workMs = counted * count.steps.length * count.stepMs + firstExtra(count.stepMs, context);
      break;
  }
  const tally = (before: string) => bouts.filter((bout) => bout.before === before).length;
  const handBack = dose.sides === 'each' ? tally('set') : 0;
  const changeMs =
    (tally('side') + handBack) * PACE.changeSideMs +
    tally('direction') * PACE.changeDirectionMs +
    tally('lead') * PACE.changeLeadMs;
  const restMs = tally('set') * dose.restMs;
  return { workMs, relaxMs, changeMs, restMs, totalMs: workMs + relaxMs + changeMs + restMs };
}

const firstExtra = (ms: number, context: ScriptContext): number =>
  context.isNew ? Math.round(ms * PACE.firstRepetitionFactor) - ms : 0;
