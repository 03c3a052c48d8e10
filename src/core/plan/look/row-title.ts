import type { Catalogue } from '../../catalogue';
import type { Row } from '../plan';

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
