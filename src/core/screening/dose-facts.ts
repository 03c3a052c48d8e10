import type { Dose } from '../dose';

export type DoseLike = Pick<Dose, 'count'>;

/** The length of one hold, ms; 0 when the dose is not made of holds. */
export const primaryHoldMs = ({ count }: DoseLike): number => (count.mode === 'hold' ? count.holdMs : 0);

/** All that a caution may ask of a dose, as a word: doses that share it are judged alike. */
export const doseKey = (dose: DoseLike): string => String(primaryHoldMs(dose));
