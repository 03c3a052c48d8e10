import { isLeftOut } from '../../screening/verdict';
import { finding, movementPlaces, type SequencingRule } from '../finding';

/** P3 No row leaves a third or more of the group on `leave out`. */
export const fewLeftOut: SequencingRule = (context) =>
  movementPlaces(context).flatMap(({ row, movement }) => {
    const out = context.people.filter((p) => isLeftOut(context.verdictOf(row.id, p.id)));
    if (out.length === 0 || out.length * 3 < context.people.length) return [];
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
