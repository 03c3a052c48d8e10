import { RESISTED, type Catalogue, type Movement } from '../../catalogue';
import { perHand, type Dose, type Hand } from '../../dose';
import { boutIndex } from '../../load';
import { plannedShare } from '../../stance';
import { adaptedDose, type HandVerdict, type Verdict } from '../../screening';
import { movementOfRow } from '../at-rung';
import { movementRows } from '../plan';
import type { MovementRow, Plan } from '../plan';

/**
 * How much a class asks: resisted repetitions x effort of ten, and the loading index. Both hands together. Holds count by
 * their seconds, free time by its cycles.
 */
export type Volume = { readonly resisted: number; readonly loading: number };

export const NO_VOLUME: Volume = { resisted: 0, loading: 0 };
export const addVolume = (a: Volume, b: Volume): Volume => ({
  resisted: a.resisted + b.resisted,
  loading: a.loading + b.loading,
});

type VerdictOn = (movement: Movement, row: MovementRow) => Verdict | null;

/** The volume of a whole plan: as planned, or as one person does it when their verdicts are given. */
export const planVolume = (plan: Plan, catalogue: Catalogue, verdictOn: VerdictOn = () => null): Volume =>
  movementRows(plan).reduce((sum, row) => {
    const movement = movementOfRow(row, catalogue);
    return movement ? addVolume(sum, rowVolume(movement, row.dose, verdictOn(movement, row))) : sum;
  }, NO_VOLUME);

/** What one row adds; a hand that rests or swaps adds nothing. */
export function rowVolume(movement: Movement, dose: Dose, verdict: Verdict | null): Volume {
  return (['L', 'R'] as const)
    .map((hand) => handVolume(movement, dose, hand, verdict?.[hand] ?? null))
    .reduce(addVolume, NO_VOLUME);
}

function handVolume(movement: Movement, dose: Dose, hand: Hand, verdict: HandVerdict | null): Volume {
  if (verdict?.kind === 'swap' || verdict?.kind === 'leaveOut') return NO_VOLUME;
  const { asReps, cycles } = perHand(verdict ? adaptedDose(dose, verdict.adaptation) : dose, 0)[hand];
  const effort = Math.min(movement.effortOf10, verdict?.adaptation.effortMost ?? 10);
  return {
    resisted: RESISTED.has(movement.effort) ? asReps * effort : 0,
    loading: boutIndex(plannedShare(movement, hand), cycles),
  };
}
