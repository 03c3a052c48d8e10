import {
  finding,
  insertBeside,
  movementPlaces,
  newMovementRow,
  pickMovement,
  type SequencingRule,
} from '../finding';
import { OPPOSITE_WAY, stretchWays, type Way } from '../stretch-ways';

const WORDS: Record<Way, string> = {
  bent: 'with the wrist bent',
  'bent back': 'with the wrist bent back',
  'palm down': 'turned palm down',
  'palm up': 'turned palm up',
};
const WAYS = Object.keys(OPPOSITE_WAY) as readonly Way[];

/** B3 Flexion stretches are paired with extension stretches, palm-down with palm-up. */
export const stretchPairs: SequencingRule = (context) => {
  const stretches = movementPlaces(context)
    .filter((p) => p.movement.effort === 'stretch')
    .map((p) => ({ ...p, ways: stretchWays(context.catalogue, p.movement) }));
  const stretched = new Set(stretches.flatMap((p) => p.ways));
  return WAYS.filter((way) => stretched.has(way) && !stretched.has(OPPOSITE_WAY[way])).map((way) => {
    const unpaired = stretches.filter((p) => p.ways.includes(way));
    const last = unpaired.at(-1)!;
    const pair = pickMovement(
      context.catalogue,
      (m) =>
        m.effort === 'stretch' &&
        m.offUntil === null &&
        stretchWays(context.catalogue, m).includes(OPPOSITE_WAY[way]),
    );
    return finding(
      'B3',
      'should',
      `A stretch ${WORDS[way]} (${last.movement.name.toLowerCase()}) has none ${WORDS[OPPOSITE_WAY[way]]} to pair it.`,
      'Stretches go both ways: bent with bent back, palm down with palm up.',
      {
        rowIds: unpaired.map((p) => p.row.id),
        mend: pair && {
          label: `Add ${pair.name.toLowerCase()} after ${last.movement.name.toLowerCase()}`,
          step: insertBeside(context.plan, last.row.id, 'after', [
            newMovementRow(context.plan, pair, 'pair'),
          ]),
        },
      },
    );
  });
};
