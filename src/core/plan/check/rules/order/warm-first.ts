import { RESISTED } from '../../../../catalogue';
import { movementPlaces } from '../../finding';
import { newMovementRow, pickMovement, rowStep } from '../../../edit/new-rows';
import { PRACTICE, rule } from '../rule';

export const warmFirst = rule({
  code: 'O1',
  severity: 'must',
  title: 'Noticing and warming come first',
  reason: 'Hands are noticed and warmed before they are stretched or made to work.',
  source: PRACTICE,
  find: (context) => {
    const places = movementPlaces(context);
    const work = places.find(
      ({ movement: m }) => m.effort === 'stretch' || m.effort === 'load' || RESISTED.has(m.effort),
    );
    if (!work) return [];
    const before = places.filter((p) => p.order < work.order);
    const noticed = before.some((p) => p.movement.effort === 'notice');
    const warmed = before.some((p) => p.movement.effort === 'warm' || p.movement.effort === 'active');
    if (noticed && warmed) return [];
    const missing = [noticed ? '' : 'looked at', warmed ? '' : 'warmed'].filter(Boolean).join(' and ');
    const text = `${work.movement.name} comes before the hands have been ${missing}.`;
    return [{ text, rowIds: [work.row.id], noticed, warmed }];
  },
  mend: ({ plan, catalogue }, { noticed, warmed }) => {
    const first = plan.sections[0];
    const wanted = [
      noticed ? null : pickMovement(catalogue, (m) => m.effort === 'notice'),
      warmed ? null : pickMovement(catalogue, (m) => m.effort === 'warm'),
    ].flatMap((m) => (m ? [m] : []));
    if (!first) return null;
    return {
      label: `Start with ${wanted.map((m) => m.name.toLowerCase()).join(' and ')}`,
      step: {
        type: 'several',
        steps: wanted.map((m, i) => rowStep(first.id, newMovementRow(plan, m, 'first'), i)),
      },
    };
  },
});
