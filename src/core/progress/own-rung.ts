import { currentRung, type Movement, type MovementOnRung } from '../catalogue';
import { plural } from '../words';
import type { Decision } from './decision';

/** The rung of a movement on which one person stands, from the gentlest, 0; whoever has none stands with the class. */
export type OwnRung = { readonly personId: string; readonly movementId: string; readonly rung: number };

/**
 * Where a person stands once a proposal is taken: so many rungs from where they stood, on the ladder. Staying is staying
 * there even if the class goes on; starting over is at the gentlest.
 */
export const rungAfter = (
  { rungs: ladder }: Movement,
  from: number,
  { rungs }: Pick<Decision, 'rungs'>,
): number => (rungs === null ? 0 : Math.min(ladder.length - 1, Math.max(0, from + rungs)));

/**
 * Who is off the rung of the class, and how; empty for those who stand with it. Where a caution holds somebody back, a
 * stronger rung of their own is not spoken of.
 */
export function offRungWords(movement: MovementOnRung, own: number | undefined, heldBack: boolean): string {
  const here = currentRung(movement);
  const rung = own === undefined ? here : Math.min(own, movement.rungs.length - 1);
  if (rung === here || (heldBack && rung > here)) return '';
  const far = Math.abs(rung - here);
  const how = `${plural(far, 'rung')} ${rung < here ? 'easier' : 'stronger'}`;
  const { changes, words } = movement.rungs[rung]!;
  return `${how}: ${changes === null ? 'the usual form' : words}`;
}
