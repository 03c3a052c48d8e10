import { clockText } from '../../../../words';
import { movementPlaces } from '../../finding';
import { findRow, placedRows } from '../../../plan';
import { PRACTICE, rule } from '../rule';

const WITHIN_MS = 3 * 60_000;

export const earlyStart = rule({
  code: 'O10',
  severity: 'could',
  title: 'The first movement within three minutes',
  reason: 'People came to move: the first movement comes within three minutes.',
  source: PRACTICE,
  find: (context) => {
    const first = movementPlaces(context).find((p) => p.movement.effort !== 'notice');
    if (!first) return [];
    const atMs = first.timing.startMs + first.timing.propsMs + first.timing.placeMs + first.timing.wayInMs;
    if (atMs <= WITHIN_MS) return [];
    return [{ text: `Nobody moves for the first ${clockText(atMs)}.`, rowIds: [first.row.id], first }];
  },
  /** The longest talk before it comes after it. */
  mend: ({ plan }, { first: { order, place, movement } }) => {
    const [longest] = placedRows(plan)
      .slice(0, order)
      .flatMap(({ row }) => (row.kind === 'talk' ? [row] : []))
      .sort((a, b) => b.durationMs - a.durationMs);
    if (!longest) return null;
    const { section, index } = place;
    const isSameSection = findRow(plan, longest.id)!.section === section;
    return {
      label: `Move ${longest.title.toLowerCase()} after ${movement.name.toLowerCase()}`,
      step: {
        type: 'moveRow',
        rowId: longest.id,
        sectionId: section.id,
        index: index + (isSameSection ? 0 : 1),
      },
    };
  },
});
