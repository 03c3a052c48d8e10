import type { Movement } from '../catalogue/movement';
import { standing } from '../catalogue/rung';
import { plural } from '../words';
import type { Decision } from './decision';

/** The rung of a movement on which one person stands, from the gentlest, 0; whoever has none stands with the class. */
export type OwnRung = { readonly personId: string; readonly movementId: string; readonly rung: number };

/**
 * Where a person stands once a proposal is taken: so many rungs from where they stood, on the ladder. Staying is staying
 * there even if the class goes on; in a flare, and when starting over, it is the gentlest.
 */
export function rungAfter(
  movement: Movement,
  from: number | null,
  { rungs }: Pick<Decision, 'rungs'>,
): number {
  if (rungs === null) return 0;
  const now = from ?? standing(movement);
  return Math.min(movement.rungs.length - 1, Math.max(0, now + rungs));
}

/** Who is off the rung of the class, and how; empty for those who stand with it. */
export function offRungWords(movement: Movement, own: number | undefined): string {
  const here = standing(movement);
  const rung = own === undefined ? here : Math.min(own, movement.rungs.length - 1);
  if (rung === here) return '';
  const far = Math.abs(rung - here);
  const how = `${plural(far, 'rung')} ${rung < here ? 'easier' : 'stronger'}`;
  const { changes, words } = movement.rungs[rung]!;
  return `${how}: ${changes === null ? 'the usual form' : words}`;
}
