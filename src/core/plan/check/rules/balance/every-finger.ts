import { nameList } from '../../../../words';
import { coverageGaps, fillersFor, planMoves } from '../../coverage-gaps';
import { movementPlaces } from '../../finding';
import { newMovementRow, rowStep } from '../../../edit/new-rows';
import { PRACTICE, rule } from '../rule';

/** A plan of fewer movements is only being begun. */
const FROM_ROWS = 4;

export const everyFinger = rule({
  code: 'B4',
  severity: 'should',
  title: 'Every finger, the thumb and the wrist move',
  reason: 'Every finger, the thumb and the wrist move in each class.',
  source: PRACTICE,
  find: (context) => {
    if (movementPlaces(context).length < FROM_ROWS) return [];
    const still = coverageGaps(planMoves(context.plan, context.catalogue), null);
    if (still.length === 0) return [];
    return [{ text: `Not moved in this class: ${nameList(still.map((g) => g.name))}.`, still }];
  },
  /** The gentle movement that fills most of what is empty. */
  mend: ({ plan, catalogue }, { still }) => {
    const section = plan.sections.find((s) => s.kind === 'move');
    const [best] = fillersFor(
      catalogue,
      plan,
      still.map((g) => g.spotId),
    );
    if (!section || !best) return null;
    return {
      label: `Add ${best.movement.name.toLowerCase()} to ${section.name.toLowerCase()}`,
      step: rowStep(section.id, newMovementRow(plan, best.movement, 'moves'), section.rows.length),
    };
  },
});
