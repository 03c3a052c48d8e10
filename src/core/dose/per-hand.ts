import { stepMs, stepsOfRound, type Dose, type Hand } from './dose';
import { passesOf, type Pass } from './passes';
import { doseTotals } from './totals';

/** What one hand gets of a dose. */
type HandShare = {
  /** Counted things: repetitions, holds, breaths, steps; 1 for each free time. */
  readonly times: number;
  /** There and back once: free time goes by its seconds. */
  readonly cycles: number;
  /** Work as repetitions: a hold of five seconds is one, a longer one as many as it has five seconds. */
  readonly asReps: number;
  /** Moving or holding, ms; pauses and changes left out. */
  readonly workMs: number;
};

/** One cycle of free movement, ms: as the figure moves it, and as it counts. */
export const FREE_CYCLE_MS = 2_400;
/** As long as a repetition is work, ms of a hold. */
const HOLD_AS_REP_MS = 5_000;

/** A dose as each hand does it, pass by pass. */
export function perHand(dose: Dose, breathMs: number): Readonly<Record<Hand, HandShare>> {
  const { byPass } = doseTotals(dose);
  const ofHand = (hand: 'left' | 'right') =>
    passesOf(dose)
      .map((pass) => shareOf(dose, pass, byPass.get(pass.name)![hand], breathMs))
      .reduce((a, b) => ({
        times: a.times + b.times,
        cycles: a.cycles + b.cycles,
        asReps: a.asReps + b.asReps,
        workMs: a.workMs + b.workMs,
      }));
  return { L: ofHand('left'), R: ofHand('right') };
}

function shareOf(dose: Dose, pass: Pass, times: number, classBreathMs: number): HandShare {
  const eachMs = msOf(dose, pass, classBreathMs);
  const { mode } = dose.count;
  const cycles = mode === 'time' ? (times * eachMs) / FREE_CYCLE_MS : times;
  const asReps = mode === 'hold' ? times * Math.max(1, eachMs / HOLD_AS_REP_MS) : cycles;
  return { times, cycles, asReps, workMs: times * eachMs };
}

/** One counted thing of a pass, ms; of steps that take longer or shorter the mean. */
function msOf({ count, breathMs }: Dose, { ms }: Pass, classBreathMs: number): number {
  switch (count.mode) {
    case 'reps':
      return ms ?? count.tempoMs;
    case 'hold':
      return ms ?? count.holdMs;
    case 'time':
      return ms ?? count.timeMs;
    case 'breaths':
      return breathMs ?? classBreathMs;
    case 'sequence': {
      const steps = stepsOfRound(count);
      return steps.reduce((n, step) => n + stepMs(count, step, ms), 0) / steps.length;
    }
  }
}
