import { finding, leftOutOf, movementPlaces, type SequencingRule } from '../finding';

/** P3 No row leaves a third or more of the group on `leave out`. */
export const fewLeftOut: SequencingRule = (context) =>
  movementPlaces(context).flatMap(({ row, movement }) => {
    const ids = leftOutOf(context, row.id);
    if (ids.size === 0 || ids.size * 3 < context.people.length) return [];
    const out = context.people.filter((p) => ids.has(p.id));
    return [
      finding(
        'P3',
        'should',
        `${movement.name} leaves out ${out.length} of ${context.people.length}.`,
        'A row that a third of the group cannot do is better replaced.',
        {
          rowIds: [row.id],
          personIds: out.map((p) => p.id),
          mend: { label: 'Take it out', step: { type: 'removeRow', rowId: row.id } },
        },
      ),
    ];
  });
