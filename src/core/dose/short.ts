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
      return `${times}${count.timeMs / 1000} s`;
  }
}
