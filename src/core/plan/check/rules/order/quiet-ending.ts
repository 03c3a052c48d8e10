import type { Movement } from '../../../../catalogue';
import { nameList } from '../../../../words';
import { movementPlaces } from '../../finding';
import { newMovementRow, pickMovement, rowStep } from '../../../edit/new-rows';
import { PRACTICE, rule } from '../rule';

const PARTS: readonly { name: string; is: (m: Movement) => boolean }[] = [
  { name: 'easing', is: (m) => m.effort === 'massage' },
  { name: 'a quiet breath', is: (m) => m.effort === 'breath' },
  { name: 'a second look at the hands', is: (m) => m.traits.includes('looks at the hands') },
];

export const quietEnding = rule({
  code: 'O6',
  severity: 'must',
  title: 'Easing, breath and a second look at the end',
  reason: 'Easing, breath and a second look let people leave calm and notice what changed.',
  source: PRACTICE,
  find: (context) => {
    const places = movementPlaces(context);
    const last = places.at(-1);
    if (!last) return [];
    const closing = places.filter(
      ({ place: { section } }) => section.kind === 'settle' || section.kind === 'ease',
    );
    const missing = PARTS.filter((part) => !closing.some((p) => part.is(p.movement)));
    if (missing.length > 0)
      return [{ text: `The ending lacks ${nameList(missing.map((m) => m.name))}.`, missing }];
    if (PARTS.some((part) => part.is(last.movement))) return [];
    const text = `The class ends on ${last.movement.name.toLowerCase()}.`;
    return [{ text, rowIds: [last.row.id], missing }];
  },
  mend: ({ plan, catalogue }, { missing }) => {
    const ending = plan.sections.findLast((s) => s.kind === 'settle');
    if (!ending || missing.length === 0) return null;
    const add = missing.flatMap((part) => pickMovement(catalogue, part.is) ?? []);
    return {
      label: `Add ${add.map((m) => m.name.toLowerCase()).join(', ')}`,
      step: {
        type: 'several',
        steps: add.map((m, i) => rowStep(ending.id, newMovementRow(plan, m, 'end'), ending.rows.length + i)),
      },
    };
  },
});
