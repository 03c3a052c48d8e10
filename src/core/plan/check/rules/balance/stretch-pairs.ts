import { movementPlaces } from '../../finding';
import { insertBeside, newMovementRow, pickMovement } from '../../../edit/new-rows';
import { OPPOSITE_STRETCH, stretchDirections, type StretchDirection } from '../../stretch-directions';
import { PRACTICE, rule } from '../rule';

const WORDS: Record<StretchDirection, string> = {
  flexion: 'with the wrist bent',
  extension: 'with the wrist bent back',
  pronation: 'turned palm down',
  supination: 'turned palm up',
};
const DIRECTIONS = Object.keys(OPPOSITE_STRETCH) as readonly StretchDirection[];

export const stretchPairs = rule({
  code: 'B3',
  severity: 'should',
  title: 'Stretches in opposite directions are paired',
  reason: 'Stretches go both ways: bent with bent back, palm down with palm up.',
  source: PRACTICE,
  find: (context) => {
    const stretches = movementPlaces(context)
      .filter((p) => p.movement.effort === 'stretch')
      .map((p) => ({ ...p, directions: stretchDirections(context.catalogue, p.movement) }));
    const stretched = new Set(stretches.flatMap((p) => p.directions));
    return DIRECTIONS.filter((d) => stretched.has(d) && !stretched.has(OPPOSITE_STRETCH[d])).map((d) => {
      const unpaired = stretches.filter((p) => p.directions.includes(d));
      const last = unpaired.at(-1)!;
      const opposite = OPPOSITE_STRETCH[d];
      return {
        text: `A stretch ${WORDS[d]} (${last.movement.name.toLowerCase()}) has none ${WORDS[opposite]} to go with it.`,
        rowIds: unpaired.map((p) => p.row.id),
        last,
        opposite,
      };
    });
  },
  mend: ({ plan, catalogue }, { last, opposite }) => {
    const pair = pickMovement(
      catalogue,
      (m) =>
        m.effort === 'stretch' &&
        m.clearanceReason === null &&
        stretchDirections(catalogue, m).includes(opposite),
    );
    return (
      pair && {
        label: `Add ${pair.name.toLowerCase()} after ${last.movement.name.toLowerCase()}`,
        step: insertBeside(plan, last.row.id, 'after', [newMovementRow(plan, pair, 'pair')]),
      }
    );
  },
});
