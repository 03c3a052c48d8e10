import type { Purpose } from '@/core/catalogue';
import type { Dose } from '@/core/dose';

export type ItemCell = { readonly rung: number; readonly dose: Dose; readonly words: string };

/** One movement through the weeks, as it is drawn. */
export type ItemLine = {
  readonly movementId: string;
  readonly nth: number;
  readonly name: string;
  readonly purpose: Purpose;
  /** The ladder in words, gentlest first. */
  readonly rungs: readonly string[];
  /** The chosen person's own rung; null where they stand with the class. */
  readonly own: number | null;
  readonly cells: readonly (ItemCell | null)[];
};

export type ItemEdit = { readonly rung?: number; readonly dose?: Dose };
