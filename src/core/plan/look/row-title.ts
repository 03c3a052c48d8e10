import { rungNoteOf, type Catalogue } from '../../catalogue';
import { loadSettingNote, type RowMovement } from '../../stance';
import { movementOfRow } from '../at-rung';
import type { MovementRow, Row } from '../plan';

/** What a row is called, wherever it is shown. */
export function rowTitle(row: Row, catalogue: Catalogue): string {
  switch (row.kind) {
    case 'movement':
      return movementOfRow(row, catalogue)?.name ?? 'A movement no longer in the catalogue';
    case 'talk':
      return row.title;
    case 'break':
      return BREAK_NAMES[row.what];
  }
}

const BREAK_NAMES = { hand: 'Hand break', water: 'Water', shake: 'Quick shake' } as const;

/** How a row differs from the movement as it usually is, in a few words; empty where it does not. */
export const rowNote = ({ optional }: Pick<MovementRow, 'optional'>, movement: RowMovement): string =>
  [
    rungNoteOf(movement),
    loadSettingNote(movement),
    movement.aim === undefined ? '' : `effort ${movement.aim} of 10`,
    optional ? 'may be left out' : '',
  ]
    .filter(Boolean)
    .join('; ');
