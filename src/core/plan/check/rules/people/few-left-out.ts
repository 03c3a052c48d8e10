import { leftOutOf, movementPlaces } from '../../finding';
import { PRACTICE, rule } from '../rule';

/** One of so many people left out is too many. */
const ONE_OF = 3;

export const fewLeftOut = rule({
  code: 'P3',
  severity: 'should',
  title: 'No row leaves out a third of the group',
  reason: 'A row that a third of the group cannot do is better replaced.',
  source: PRACTICE,
  find: (context) =>
    movementPlaces(context).flatMap(({ row, movement }) => {
      const ids = leftOutOf(context, row.id);
      if (ids.size === 0 || ids.size * ONE_OF < context.people.length) return [];
      const out = context.people.filter((p) => ids.has(p.id));
      return [
        {
          text: `${movement.name} leaves out ${out.length} of ${context.people.length}.`,
          rowIds: [row.id] as const,
          personIds: out.map((p) => p.id),
        },
      ];
    }),
  mend: (_, { rowIds: [rowId] }) => ({ label: 'Take it out', step: { type: 'removeRow', rowId } }),
});
