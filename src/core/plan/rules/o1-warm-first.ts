import { RESISTED } from '../../catalogue/movement';
import {
  finding,
  movementPlaces,
  newMovementRow,
  pickMovement,
  rowStep,
  type SequencingRule,
} from '../finding';

/** O1 Noticing and warming come before any stretch, resistance or load. */
export const warmFirst: SequencingRule = (context) => {
  const places = movementPlaces(context);
  const work = places.find(
    ({ movement: m }) => m.effort === 'stretch' || m.effort === 'load' || RESISTED.has(m.effort),
  );
  if (!work) return [];
  const before = places.filter((p) => p.order < work.order);
  const noticed = before.some((p) => p.movement.effort === 'notice');
  const warmed = before.some((p) => p.movement.effort === 'warm' || p.movement.effort === 'active');
  if (noticed && warmed) return [];
  const missing = [noticed ? '' : 'noticing', warmed ? '' : 'warming'].filter(Boolean).join(' and ');
  const first = context.plan.sections[0];
  const wanted = [
    noticed ? null : pickMovement(context.catalogue, (m) => m.effort === 'notice'),
    warmed ? null : pickMovement(context.catalogue, (m) => m.effort === 'warm'),
  ].flatMap((m) => (m ? [m] : []));
  return [
    finding(
      'O1',
      'must',
      `${work.movement.name} comes before any ${missing}.`,
      'Hands are noticed and warmed before they are stretched or made to work.',
      {
        rowIds: [work.row.id],
        mend: first && {
          label: `Start with ${wanted.map((m) => m.name.toLowerCase()).join(' and ')}`,
          step: {
            type: 'several',
            steps: wanted.map((m, i) => rowStep(first.id, newMovementRow(context.plan, m, 'first'), i)),
          },
        },
      },
    ),
  ];
};
