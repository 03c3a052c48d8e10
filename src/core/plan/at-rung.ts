import { currentRung, RESISTED, usualRungOf, type Movement, type MovementOnRung } from '../catalogue';
import type { RowMovement } from '../stance';
import { memo } from '../remember';
import { lowerFirst } from '../words';
import type { MovementRow } from './plan';

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

type Placed = Pick<MovementRow, 'movementId'> &
  Partial<Pick<MovementRow, 'rung' | 'press' | 'props' | 'words' | 'effortOf10' | 'joinedId'>>;

/**
 * The movement of a row as it stands there: on its rung, pressed, with what it was set to, under the name it has there and with what
 * is joined to it; undefined when the catalogue no longer has it.
 */
export const movementOfRow = (row: Placed, catalogue: Shelf): RowMovement | undefined => {
  const movement = catalogue.movement(row.movementId);
  const stood = movement && atRung(movement, row.rung);
  if (!stood) return undefined;
  const { press, props, words, effortOf10 } = row;
  const joined = row.joinedId === undefined ? undefined : catalogue.movement(row.joinedId);
  if (!press && !props && !words && effortOf10 === undefined && !joined) return stood;
  const parts = [stood, press, props, words, joined].filter((part) => part !== undefined);
  const key = [press, props, words, joined].map((part) => (part ? 'y' : 'n')).join('') + String(effortOf10);
  return remember(parts, key, () => ({
    ...stood,
    ...(stood.loadSetUp && press && { press }),
    ...(props && heldIn(stood, props)),
    ...(joined && joinedTo(stood, joined)),
    // Less is aimed for by word only: it is judged at what the movement asks.
    ...(effortOf10 !== undefined && { effortOf10: Math.max(effortOf10, stood.effortOf10), aim: effortOf10 }),
    ...(words?.felt && { felt: words.felt }),
    ...(words?.goodFor && { goodFor: words.goodFor }),
    ...(words?.name && { name: words.name }),
  }));
};

type Shelf = { readonly movement: (id: string) => Movement | undefined };

const joinedTo = (movement: Movement, joined: Movement) => ({
  joined,
  name: `${movement.name} with ${lowerFirst(joined.name)}`,
  what: `${movement.what} Meanwhile: ${joined.what}`,
  cues: [...movement.cues, ...joined.cues],
  watch: [...movement.watch, ...joined.watch],
});

/** What is in the hands: one of the things that serve, if any, and beside it what helps. */
function heldIn(
  { propId, alsoWith, aids }: Movement,
  props: readonly string[],
): { readonly propId: string | null; readonly beside: readonly string[] } {
  const serves = props.find((id) => id === propId || alsoWith.includes(id)) ?? null;
  return { propId: serves, beside: props.filter((id) => id !== serves && aids.includes(id)) };
}

/** Whether a movement can be done with this, or with this beside it. */
export const canServe = ({ propId, alsoWith, aids }: Movement, id: string): boolean =>
  id === propId || alsoWith.includes(id) || aids.includes(id);
