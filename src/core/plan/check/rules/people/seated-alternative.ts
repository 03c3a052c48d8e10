import { isSeated } from '../../../../catalogue';
import { movementPlaces } from '../../finding';
import { PRACTICE, rule } from '../rule';

export const seatedAlternative = rule({
  code: 'P4',
  severity: 'must',
  title: 'A seated form beside standing and floor rows',
  reason:
    'Whoever does not stand, or does not go to the floor, needs something to do sitting at the same time.',
  source: PRACTICE,
  find: (context) =>
    movementPlaces(context)
      .filter(({ movement }) => !isSeated(movement) && !movement.seatedAlternative)
      .map(({ row, movement }) => ({
        text: `${movement.name} has no seated form.`,
        rowIds: [row.id] as const,
        movement,
      })),
  mend: (_, { rowIds: [rowId], movement }) => ({
    label: `Take out ${movement.name.toLowerCase()}`,
    step: { type: 'removeRow', rowId },
  }),
});
