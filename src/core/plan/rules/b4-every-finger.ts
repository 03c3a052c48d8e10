import { nameList } from '../../words';
import { coverageGaps, fillersFor, planMoves } from '../coverage-gaps';
import {
  finding,
  movementPlaces,
  newMovementRow,
  rowStep,
  type Mend,
  type RuleContext,
  type SequencingRule,
} from '../finding';

/** A plan of fewer movements is only being begun. */
const FROM_ROWS = 4;

/** B4 Every finger and the thumb is moved in each class; the hand map has no empty joint row. */
export const everyFinger: SequencingRule = (context) => {
  if (movementPlaces(context).length < FROM_ROWS) return [];
  const still = coverageGaps(planMoves(context.plan, context.catalogue), null);
  if (still.length === 0) return [];
  return [
    finding(
      'B4',
      'should',
      `Left still in this class: ${nameList(still.map((g) => g.name))}.`,
      'Every finger, the thumb and the wrist move in each class.',
      {
        mend: mendFor(
          context,
          still.map((g) => g.spotId),
        ),
      },
    ),
  ];
};

/** The gentle movement that fills most of what is empty. */
function mendFor({ plan, catalogue }: RuleContext, still: readonly string[]): Mend | null {
  const section = plan.sections.find((s) => s.kind === 'move');
  const [best] = fillersFor(catalogue, plan, still);
  if (!section || !best) return null;
  return {
    label: `Add ${best.movement.name.toLowerCase()} to ${section.name.toLowerCase()}`,
    step: rowStep(section.id, newMovementRow(plan, best.movement, 'moves'), section.rows.length),
  };
}
