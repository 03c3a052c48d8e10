import { FINGERS, primaryCount, type Count } from '@/core/dose';

export const MODE_WORDS: Record<Count['mode'], string> = {
  reps: 'repetitions',
  hold: 'holds',
  breaths: 'breaths',
  time: 'free time',
  sequence: 'a sequence',
};

/** A count of another mode that stays near the one it replaces. */
export function countOfMode(mode: Count['mode'], from: Count): Count {
  if (mode === from.mode) return from;
  const n = primaryCount(from);
  switch (mode) {
    case 'reps':
      return { mode, reps: Math.max(5, n), tempoMs: 3_000 };
    case 'hold':
      return { mode, holds: Math.min(5, n), holdMs: 5_000, relaxMs: 3_000 };
    case 'breaths':
      return { mode, breaths: Math.min(10, Math.max(3, n)) };
    case 'time':
      return { mode, timeMs: 20_000 };
    case 'sequence':
      return { mode, rounds: Math.min(3, n), steps: [...FINGERS], stepMs: 1_000 };
  }
}
