import { GRIPPING, type Movement } from '../../../../catalogue';
import { plural } from '../../../../words';
import { movementPlaces } from '../../finding';
import { insertBeside, newMovementRow, pickMovement } from '../../../edit/new-rows';
import { PRACTICE, rule } from '../rule';

/** So many grip items want one that opens the hand. */
const GRIPS_TO_ONE_OPENING = 2;

const opens = (m: Movement) => m.effort === 'opening' || m.traits.includes('opens the hand');

export const openAfterClosing = rule({
  code: 'B2',
  severity: 'should',
  title: 'Opening the hand after gripping',
  reason: 'For every two gripping rows include one that opens the hand.',
  source: PRACTICE,
  find: (context) => {
    const places = movementPlaces(context);
    const grips = places.filter((p) => GRIPPING.has(p.movement.effort));
    const opened = places.filter((p) => opens(p.movement)).length;
    if (grips.length < GRIPS_TO_ONE_OPENING || opened * GRIPS_TO_ONE_OPENING >= grips.length) return [];
    return [
      {
        text: `${plural(grips.length, 'gripping row')}, ${opened === 0 ? 'none' : opened} that open the hand.`,
        rowIds: grips.map((p) => p.row.id),
        last: grips.at(-1)!,
      },
    ];
  },
  mend: ({ plan, catalogue }, { last }) => {
    const opener = pickMovement(catalogue, opens);
    return (
      opener && {
        label: `Add ${opener.name.toLowerCase()} after ${last.movement.name.toLowerCase()}`,
        step: insertBeside(plan, last.row.id, 'after', [newMovementRow(plan, opener, 'open')]),
      }
    );
  },
});
