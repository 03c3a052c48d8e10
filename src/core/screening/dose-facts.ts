import type { Dose } from '../dose/dose';

export type DoseLike = Pick<Dose, 'count'>;

/** The length of one hold, ms; 0 when the dose is not made of holds. */
export const primaryHoldMs = ({ count }: DoseLike): number => (count.mode === 'hold' ? count.holdMs : 0);
