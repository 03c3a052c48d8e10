import { isSeated } from '../../catalogue/movement';
import { finding, movementPlaces, type SequencingRule } from '../finding';

/** P4 Standing or floor rows need a seated twin at the same time. */
export const seatedTwin: SequencingRule = (context) =>
  movementPlaces(context)
    .filter(({ movement }) => !isSeated(movement) && !movement.seatedTwin)
    .map(({ row, movement }) =>
      finding(
        'P4',
        'must',
        `${movement.name} has no seated form.`,
        'Whoever does not stand, or does not go to the floor, needs something to do sitting at the same time.',
        {
          rowIds: [row.id],
          mend: {
            label: `Take out ${movement.name.toLowerCase()}`,
            step: { type: 'removeRow', rowId: row.id },
          },
        },
      ),
    );
