import type { Catalogue } from '../catalogue/movement';
import { usualRungOf } from '../catalogue/rung';
import { rungOf } from './at-rung';
import type { MovementRow, Row } from './plan';

/** What a row is called, wherever it is shown. */
export function rowTitle(row: Row, catalogue: Catalogue): string {
  switch (row.kind) {
    case 'movement':
      return catalogue.movement(row.movementId)?.name ?? 'A movement no longer in the catalogue';
    case 'talk':
      return row.title;
    case 'break':
      return row.what === 'water' ? 'Water' : 'Hand break';
  }
}

/** How a row differs from the usual form of its movement; empty on the usual rung. */
export function rungNote({ movementId, rung }: MovementRow, catalogue: Catalogue): string {
  const movement = catalogue.movement(movementId);
  if (!movement) return '';
  const at = rungOf(movement, rung);
  return at === usualRungOf(movement.rungs) ? '' : movement.rungs[at]!.words;
}
