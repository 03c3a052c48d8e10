import { GRIPPING } from '../../../../catalogue';
import { movementPlaces } from '../../finding';
import { breakBefore } from '../../../edit/new-rows';
import { placedRows } from '../../../plan';
import { PRACTICE, rule } from '../rule';

const BREAK_S = 30;

export const loadApart = rule({
  code: 'O4',
  severity: 'should',
  title: 'Loading after grip work, or apart from it',
  reason: 'Loading comes after grip work or apart from it, with a break for the hands between.',
  source: PRACTICE,
  find: (context) => {
    const places = movementPlaces(context);
    const rows = placedRows(context.plan);
    return places.flatMap((load, i) => {
      const grip = places[i + 1];
      if (load.movement.effort !== 'load' || !grip || !GRIPPING.has(grip.movement.effort)) return [];
      if (rows.slice(load.order, grip.order).some(({ row }) => row.kind === 'break')) return [];
      const text = `${grip.movement.name} comes straight after ${load.movement.name.toLowerCase()}.`;
      return [{ text, rowIds: [load.row.id, grip.row.id] as const }];
    });
  },
  mend: ({ plan }, { rowIds: [, gripId] }) =>
    breakBefore(plan, gripId, 'hand', BREAK_S, `Put in a hand break of ${BREAK_S} s between them`),
});
