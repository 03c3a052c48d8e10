import { boutsOf } from './bouts';
import type { Dose } from './dose';

/** What each hand, direction and lead gets from a dose, in counted things (a sequence step is one). */
type DoseTotals = {
  readonly left: number;
  readonly right: number;
  readonly forward: number;
  readonly back: number;
  readonly firstLead: number;
  readonly secondLead: number;
  /** Beats the group goes through; both hands together count once. */
  readonly beats: number;
};

/** Repetitions x sets x sides x directions x items in the sequence, kept apart by side and direction. */
export function doseTotals(dose: Dose): DoseTotals {
  const items = dose.count.mode === 'sequence' ? dose.count.steps.length : 1;
  const totals = { left: 0, right: 0, forward: 0, back: 0, firstLead: 0, secondLead: 0, beats: 0 };
  for (const bout of boutsOf(dose)) {
    const n = bout.count * items;
    totals.beats += n;
    totals[bout.direction === 1 ? 'forward' : 'back'] += n;
    totals[bout.lead === 1 ? 'firstLead' : 'secondLead'] += n;
    if (bout.side === 'alternating' && dose.count.mode !== 'time') {
      const first = Math.ceil(bout.count / 2) * items;
      totals[dose.firstSide === 'L' ? 'left' : 'right'] += first;
      totals[dose.firstSide === 'L' ? 'right' : 'left'] += n - first;
    } else {
      if (bout.side !== 'R') totals.left += n;
      if (bout.side !== 'L') totals.right += n;
    }
  }
  return totals;
}
