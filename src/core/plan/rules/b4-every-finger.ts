import type { MovementFigure } from '../../hand/motion';
import { movedAt } from '../../hand/hand-map';
import { addCoverage, coverageOf, NO_COVERAGE, type Coverage } from '../../hand/coverage';
import type { Dose } from '../../dose/dose';
import { HAND_SPOTS } from '../../hand/spots';
import { memo } from '../../remember';
import { nameList } from '../../words';
import {
  finding,
  movementPlaces,
  newMovementRow,
  rowStep,
  type RuleContext,
  type SequencingRule,
} from '../finding';

/** B4 Every finger and the thumb is moved in each class; the hand map has no empty joint row. */
export const everyFinger: SequencingRule = (context) => {
  if (movementPlaces(context).length < FROM_ROWS) return [];
  const still = stillSpots(context);
  if (still.length === 0) return [];
  const names = HAND_SPOTS.filter((s) => still.includes(s.id)).map((s) => s.name);
  return [
    finding(
      'B4',
      'should',
      `Left still in this class: ${nameList(names)}.`,
      'Every finger, the thumb and the wrist move in each class.',
      { mend: mendFor(context, still) },
    ),
  ];
};

/** A plan of fewer movements is only being begun. */
const FROM_ROWS = 4;

/** Places of the hand that no row moves on either hand, by id. */
export function stillSpots(context: RuleContext): readonly string[] {
  const moved = movedAt(
    movementPlaces(context).reduce((sum, { row, movement }) => {
      const figure = context.catalogue.figure(movement.id);
      return figure ? addCoverage(sum, rowCoverage(figure, row.dose)) : sum;
    }, NO_COVERAGE),
  );
  return HAND_SPOTS.map((s) => s.id).filter((id) => !moved.L[id] || !moved.R[id]);
}

const remember = memo<Coverage>();
const rowCoverage = (figure: MovementFigure, dose: Dose): Coverage =>
  remember([figure, dose], '', () => coverageOf(figure, dose));

/** The gentle movement that fills most of what is empty. */
function mendFor(context: RuleContext, still: readonly string[]) {
  const { plan, catalogue } = context;
  const section = plan.sections.find((s) => s.kind === 'move');
  const fills = catalogue.movements
    .filter((m) => m.effort === 'active' && m.propId === null && m.offUntil === null)
    .map((movement) => {
      const figure = catalogue.figure(movement.id);
      const moved = figure && movedAt(rowCoverage(figure, movement.dose));
      return { movement, fills: moved ? still.filter((id) => moved.L[id] && moved.R[id]).length : 0 };
    })
    .sort((a, b) => b.fills - a.fills);
  const best = fills[0];
  if (!section || !best || best.fills === 0) return null;
  return {
    label: `Add ${best.movement.name.toLowerCase()} to ${section.name.toLowerCase()}`,
    step: rowStep(section.id, newMovementRow(plan, best.movement, 'moves'), section.rows.length),
  };
}
