import { GRIPPING } from '../../catalogue/movement';
import { placedRows } from '../plan';
import { breakBefore, finding, movementPlaces, type SequencingRule } from '../finding';

/** O4 Loading comes after grip work or apart from it. That it is never on tired hands is read off the reserve. */
export const loadApart: SequencingRule = (context) => {
  const places = movementPlaces(context);
  const rows = placedRows(context.plan);
  return places.flatMap((load, i) => {
    const grip = places[i + 1];
    if (load.movement.effort !== 'load' || !grip || !GRIPPING.has(grip.movement.effort)) return [];
    if (rows.slice(load.order, grip.order).some(({ row }) => row.kind === 'break')) return [];
    return [
      finding(
        'O4',
        'should',
        `${grip.movement.name} comes straight after ${load.movement.name.toLowerCase()}.`,
        'Loading comes after grip work or apart from it, with a break for the hands between.',
        {
          rowIds: [load.row.id, grip.row.id],
          mend: breakBefore(
            context.plan,
            grip.row.id,
            'hand',
            30,
            'Put in a hand break of 30 s between them',
          ),
        },
      ),
    ];
  });
};
