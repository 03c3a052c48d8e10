import { GRIPPING } from '../../catalogue/movement';
import { plural } from '../../words';
import {
  finding,
  insertBeside,
  movementPlaces,
  newMovementRow,
  pickMovement,
  type SequencingRule,
} from '../finding';

/** B2 At least one finger-opening item for each two grip items. */
export const openAfterClosing: SequencingRule = (context) => {
  const places = movementPlaces(context);
  const grips = places.filter((p) => GRIPPING.has(p.movement.effort));
  const opens = places.filter(
    (p) => p.movement.effort === 'opening' || p.movement.traits.includes('opens the hand'),
  );
  if (grips.length < 2 || opens.length * 2 >= grips.length) return [];
  const opener = pickMovement(
    context.catalogue,
    (m) => m.effort === 'opening' || m.traits.includes('opens the hand'),
  );
  const last = grips.at(-1)!;
  return [
    finding(
      'B2',
      'should',
      `${plural(grips.length, 'gripping row')}, ${opens.length === 0 ? 'none' : opens.length} that open the hand.`,
      'Closing work is balanced by opening work, one for each two.',
      {
        rowIds: grips.map((p) => p.row.id),
        mend: opener && {
          label: `Add ${opener.name.toLowerCase()} after ${last.movement.name.toLowerCase()}`,
          step: insertBeside(context.plan, last.row.id, 'after', [
            newMovementRow(context.plan, opener, 'open'),
          ]),
        },
      },
    ),
  ];
};
