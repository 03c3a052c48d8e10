import type { Catalogue, Movement } from '../catalogue';
import { movementRows, rungOf, type MovementRow, type Plan } from '../plan';

/** A movement as it goes through the weeks; `nth` tells apart the times it comes in one class. */
export type ItemKey = { readonly movementId: string; readonly nth: number };

type TermItem = ItemKey & {
  readonly movement: Movement;
  /** One for each class; null where the class has none of it. */
  readonly rows: readonly (MovementRow | null)[];
};

export const rowOfItem = (plan: Plan, { movementId, nth }: ItemKey): MovementRow | null =>
  movementRows(plan).filter((r) => r.movementId === movementId)[nth] ?? null;

/** Everything that is done in a term, in the order of the classes: what is new in a later one comes after its neighbour. */
export function termItems(plans: readonly Plan[], catalogue: Catalogue): readonly TermItem[] {
  const keys: ItemKey[] = [];
  for (const plan of plans) {
    let after = -1;
    for (const key of keysOf(plan)) {
      const at = keys.findIndex((k) => isSame(k, key));
      if (at < 0) keys.splice(++after, 0, key);
      else after = at;
    }
  }
  return keys.flatMap((key): TermItem[] => {
    const movement = catalogue.movement(key.movementId);
    return movement ? [{ ...key, movement, rows: plans.map((p) => rowOfItem(p, key)) }] : [];
  });
}

const isSame = (a: ItemKey, b: ItemKey): boolean => a.movementId === b.movementId && a.nth === b.nth;

const keysOf = (plan: Plan): readonly ItemKey[] => {
  const rows = movementRows(plan);
  return rows.map(({ movementId }, i) => ({
    movementId,
    nth: rows.slice(0, i).filter((r) => r.movementId === movementId).length,
  }));
};

/** The rung of an item in each class, from the gentlest, 0; null where it is not done. */
export const rungsOf = ({ movement, rows }: TermItem): readonly (number | null)[] =>
  rows.map((row) => row && rungOf(movement, row.rung));
