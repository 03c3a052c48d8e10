import { boutsOf } from './bouts';
import { stepMs, stepsOfRound, type Dose } from './dose';
import { PACE, slowFirstMs } from './pace';
import { breathOf, type ScriptContext } from './script';

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
 * breath length, or time; plus changes of side and pass, and rests.
 * Written as a sum rather than read off the count script, so that each checks the other.
 */
export function doseTiming(dose: Dose, context: ScriptContext): DoseTiming {
  const bouts = boutsOf(dose);
  const { count } = dose;
  let workMs = 0;
  let relaxMs = 0;
  for (const bout of bouts) {
    const { ms } = bout.pass;
    switch (count.mode) {
      case 'reps':
        workMs += bout.count * (ms ?? count.tempoMs);
        break;
      case 'hold':
        workMs += bout.count * (ms ?? count.holdMs);
        relaxMs += bout.count * count.relaxMs;
        break;
      case 'breaths':
        workMs += bout.count * breathOf(dose, context);
        break;
      case 'time':
        workMs += ms ?? count.timeMs;
        break;
      case 'sequence':
        workMs += bout.count * stepsOfRound(count).reduce((n, step) => n + stepMs(count, step, ms), 0);
        break;
    }
  }
  workMs += firstExtra(dose, context);
  const tally = (before: string) => bouts.filter((bout) => bout.before === before).length;
  const handBack = dose.sides === 'each' ? tally('set') : 0;
  const changeMs =
    (tally('side') + handBack) * PACE.changeSideMs +
    tally('layer') * PACE.changeLayerMs +
    tally('pass') * PACE.changePassMs +
    tally('swap') * PACE.changeSwapMs;
  const restMs = tally('set') * dose.restMs;
  return { workMs, relaxMs, changeMs, restMs, totalMs: workMs + relaxMs + changeMs + restMs };
}

/** What the first repetition or step of a dose takes longer, where it is learned while it is done. */
function firstExtra({ count, passes }: Dose, context: ScriptContext): number {
  if (!context.slowFirst) return 0;
  const [first] = passes;
  if (count.mode === 'reps') return slowFirstMs(first?.ms ?? count.tempoMs);
  if (count.mode !== 'sequence') return 0;
  return slowFirstMs(stepMs(count, stepsOfRound(count, first?.reversed)[0]!, first?.ms));
}
