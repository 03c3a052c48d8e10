import { plural } from '../../words';
import type { Verdict } from '../../screening';
import { leftOutIn } from './finding';

/** How many of the people a movement is not open to as it is, and how many of those have nothing to do. */
export type HeldBack = { readonly leftOut: number; readonly heldBack: number };

export const heldIn = (verdicts: ReadonlyMap<string, Verdict>): HeldBack => ({
  leftOut: leftOutIn(verdicts).size,
  heldBack: [...verdicts.values()].filter((v) => v.worst !== 'do').length,
});

/** "for all as it is", "2 people in their own way, 1 left out". */
export function heldWords({ leftOut, heldBack }: HeldBack): string {
  const own = heldBack - leftOut;
  const parts = [
    own > 0 && `${plural(own, 'person', 'people')} in their own way`,
    leftOut > 0 && `${leftOut} left out`,
  ].filter(Boolean);
  return parts.length > 0 ? parts.join(', ') : 'for all as it is';
}
