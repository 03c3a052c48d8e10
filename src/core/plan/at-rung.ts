import { currentRung, RESISTED, usualRungOf, type Movement, type MovementOnRung } from '../catalogue';
import type { LoadSetting, RowMovement } from '../load';
import { memo } from '../remember';

const remember = memo<RowMovement>();

/** The rung a row stands on, from the gentlest, 0. */
export const rungOf = ({ rungs }: Movement, rung: number | undefined): number =>
  currentRung({ rungs, standsOn: rung });

/**
 * A movement as a class does it on a rung of its ladder: what is easier is easier than that. Each rung of resisted or
 * loading work is taken as one of ten more or less effort than the next; the ladders say what changes, not by how much.
 */
export function atRung(movement: Movement, rung: number | undefined): MovementOnRung {
  const standsOn = rungOf(movement, rung);
  const above = standsOn - usualRungOf(movement.rungs);
  if (above === 0) return movement;
  const isWork = RESISTED.has(movement.effort) || movement.effort === 'load';
  return remember([movement], String(standsOn), () => ({
    ...movement,
    standsOn,
    effortOf10: isWork ? Math.max(1, Math.min(10, movement.effortOf10 + above)) : movement.effortOf10,
  }));
}

type Placed = {
  readonly movementId: string;
  readonly rung?: number | undefined;
  readonly press?: LoadSetting | undefined;
};

/** The movement of a row as it stands there, pressed as it was set; undefined when the catalogue no longer has it. */
export const movementOfRow = (
  { movementId, rung, press }: Placed,
  catalogue: { readonly movement: (id: string) => Movement | undefined },
): RowMovement | undefined => {
  const movement = catalogue.movement(movementId);
  const stood = movement && atRung(movement, rung);
  return stood?.loadSetUp && press ? remember([stood, press], '', () => ({ ...stood, press })) : stood;
};
