import { GRIPPING, type Movement } from '../catalogue';
import { FREE_CYCLE_MS, scriptOf, type Beat, type Dose, type Hand, type ScriptContext } from '../dose';
import { handWorks } from '../hand';
import { adaptedDose, type HandVerdict } from '../screening';
import type { LoadSpan } from './fatigue';

/**
 * What a row asks of one hand's grip, from the start of its count: the larger of the share of maximum that its effort stands for (effort
 * of ten / 10) and the share that its prop demands of this hand, in the working part of each repetition, breath and cycle of free time,
 * and the whole of a hold. A hand that rests or swaps is asked nothing here; one that adapts does less, and less hard.
 */
export function gripSpans(
  movement: Movement,
  dose: Dose,
  hand: Hand,
  verdict: HandVerdict | null,
  context: ScriptContext,
  propDemand = 0,
): readonly LoadSpan[] {
  if (!GRIPPING.has(movement.effort)) return [];
  if (verdict?.kind === 'swap' || verdict?.kind === 'leaveOut') return [];
  const effortMost = verdict?.adaptation.effortMost ?? 10;
  const asked = Math.max(movement.effortOf10 / 10, propDemand);
  const load = Math.min(asked, effortMost / 10, 1);
  if (!(load > 0)) return [];
  const own = verdict ? adaptedDose(dose, verdict.adaptation) : dose;
  return scriptOf(own, context)
    .filter((beat) => handWorks(beat, hand))
    .flatMap((beat) => workingParts(beat, movement.phases.workShare))
    .map(([startMs, ms]) => ({ startMs, endMs: startMs + Math.round(ms), load }));
}

type Part = readonly [startMs: number, lengthMs: number];

/** When in a beat the hand works. */
function workingParts({ kind, startMs, durationMs }: Beat, workShare: number): readonly Part[] {
  switch (kind) {
    case 'hold':
      return [[startMs, durationMs]];
    case 'rep':
    case 'breath':
    case 'step':
      return [[startMs, durationMs * workShare]];
    case 'free':
      return Array.from({ length: Math.ceil(durationMs / FREE_CYCLE_MS) }, (_, i): Part => {
        const from = i * FREE_CYCLE_MS;
        return [startMs + from, Math.min(FREE_CYCLE_MS, durationMs - from) * workShare];
      });
    default:
      return [];
  }
}
