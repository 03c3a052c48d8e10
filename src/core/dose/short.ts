import type { DoneWith } from './describe';
import type { Dose } from './dose';

/** A dose in as little room as there is: "8", "2 × 8", "5 × 6 s", "4 breaths", "30 s". */
export function shortDose({ count, sets }: Dose): string {
  const times = sets > 1 ? `${sets} × ` : '';
  switch (count.mode) {
    case 'reps':
      return `${times}${count.reps}`;
    case 'hold':
      return `${times}${count.holds} × ${count.holdMs / 1000} s`;
    case 'breaths':
      return `${times}${count.breaths} ${count.breaths === 1 ? 'breath' : 'breaths'}`;
    case 'sequence':
      return `${times}${count.rounds} ${count.rounds === 1 ? 'round' : 'rounds'}`;
    case 'time':
      return `${times}${timeText(count.timeMs)}`;
  }
}

/** Whole minutes from two on as minutes. */
const timeText = (ms: number): string =>
  ms >= 120_000 && ms % 60_000 === 0 ? `${ms / 60_000} min` : `${ms / 1000} s`;

/** The same with how it goes round: "8 each hand", "6, 2 ways", "3 × 5 s left". */
export function shortTurns(dose: Dose, of: DoneWith): string {
  const { sides, perSide, passes } = dose;
  if (passes.length > 1) return `${shortDose(dose)}, ${passes.length} ways`;
  if (sides === 'left' || sides === 'right') return `${shortDose(dose)} ${sides}`;
  const isEach = sides === 'each' || (sides === 'alternating' && perSide);
  return isEach ? `${shortDose(dose)} each ${PART[of]}` : shortDose(dose);
}

const PART: Readonly<Record<DoneWith, string>> = { hands: 'hand', feet: 'foot', none: 'side' };
