import { GRIPPING, type Movement } from '../catalogue';
import { scriptOf, type Dose, type Hand, type ScriptContext } from '../dose';
import { handWorks } from '../hand';
import { adaptedDose, type HandVerdict } from '../screening';
import type { LoadSpan } from './fatigue';

/**
 * What a row asks of one hand's grip, from the start of its count: the share of maximum its effort
 * stands for (effort of ten / 10), in the working part of each repetition and the whole of a hold.
 * A hand that rests or swaps is asked nothing here; one that adapts does less, and less hard.
 */
export function gripSpans(
  movement: Movement,
  dose: Dose,
  hand: Hand,
  verdict: HandVerdict | null,
  context: ScriptContext,
): readonly LoadSpan[] {
  if (!GRIPPING.has(movement.effort)) return [];
  if (verdict?.kind === 'swap' || verdict?.kind === 'leaveOut') return [];
  const effortMost = verdict?.adaptation.effortMost ?? 10;
  const load = Math.min(movement.effortOf10, effortMost) / 10;
  const own = verdict ? adaptedDose(dose, verdict.adaptation) : dose;
  return scriptOf(own, context).flatMap((beat): LoadSpan[] => {
    const counted =
      beat.kind === 'rep' || beat.kind === 'hold' || beat.kind === 'step' || beat.kind === 'free';
    if (!counted || !handWorks(beat, hand) || load === 0) return [];
    const share = beat.kind === 'hold' ? 1 : movement.phases.workShare;
    return [{ startMs: beat.startMs, endMs: beat.startMs + Math.round(beat.durationMs * share), load }];
  });
}
