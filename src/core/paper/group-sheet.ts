import { doneWith, type Catalogue } from '../catalogue';
import { toldDose } from '../dose';
import { movementOfRow, movementRows, type Plan } from '../plan';
import { words, type Beside, type SheetBlock } from './sheet';

/** For the group to take along or to have on the wall: each movement drawn, large, with its count; nobody is named. */
export function groupSheet(plan: Plan, catalogue: Catalogue): readonly SheetBlock[] {
  const items = movementRows(plan).flatMap((row): Beside[] => {
    const movement = movementOfRow(row, catalogue);
    if (!movement) return [];
    return [
      {
        figure: catalogue.figure(movement.id) ?? null,
        shows: movement.what,
        pieces: [
          { kind: 'text', runs: [{ text: movement.name, tone: 'bold' }], size: 'huge' },
          words(toldDose(row.dose, doneWith(movement)), 'large'),
        ],
      },
    ];
  });
  return items.length > 0
    ? [{ kind: 'figures', abreast: 2, items }]
    : [words('There are no movements in this plan yet.')];
}
