import { RESISTED, type Movement } from '../catalogue/movement';
import { usualRungOf } from '../catalogue/rung';
import { memo } from '../remember';

const remember = memo<Movement>();

/** The rung a row stands on, from the gentlest, 0. */
export const rungOf = ({ rungs }: Movement, rung: number | undefined): number =>
  Math.min(rungs.length - 1, rung ?? usualRungOf(rungs));

/**
 * A movement on a rung of its ladder. Each rung of resisted or loading work is taken as one of ten more
 * or less effort than the next; the ladders say what changes, not by how much.
 */
export function atRung(movement: Movement, rung: number | undefined): Movement {
  const above = rungOf(movement, rung) - usualRungOf(movement.rungs);
  const isWork = RESISTED.has(movement.effort) || movement.effort === 'load';
  if (above === 0 || !isWork) return movement;
  return remember([movement], String(above), () => ({
    ...movement,
    effortOf10: Math.max(1, Math.min(10, movement.effortOf10 + above)),
  }));
}

/** The movement of a row as it stands there; undefined when the catalogue no longer has it. */
export const movementOfRow = (
  row: { readonly movementId: string; readonly rung?: number | undefined },
  catalogue: { readonly movement: (id: string) => Movement | undefined },
): Movement | undefined => {
  const movement = catalogue.movement(row.movementId);
  return movement && atRung(movement, row.rung);
};
