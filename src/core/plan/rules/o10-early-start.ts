import { clockText } from '../../words';
import { placedRows } from '../plan';
import { finding, movementPlaces, type SequencingRule } from '../finding';

const WITHIN_MS = 3 * 60_000;

/** O10 The first movement comes within three minutes of the start. */
export const earlyStart: SequencingRule = (context) => {
  const first = movementPlaces(context).find((p) => p.movement.effort !== 'notice');
  if (!first) return [];
  const atMs = first.timing.startMs + first.timing.propsMs + first.timing.setUpMs;
  if (atMs <= WITHIN_MS) return [];
  const longest = placedRows(context.plan)
    .slice(0, first.order)
    .flatMap(({ row }) => (row.kind === 'talk' ? [row] : []))
    .sort((a, b) => b.durationMs - a.durationMs)[0];
  return [
    finding(
      'O10',
      'could',
      `The first movement comes after ${clockText(atMs)}.`,
      'People came to move: the first movement comes within three minutes.',
      {
        rowIds: [first.row.id],
        mend: longest
          ? {
              label: `Move ${longest.title.toLowerCase()} after ${first.movement.name.toLowerCase()}`,
              step: {
                type: 'moveRow',
                rowId: longest.id,
                sectionId: first.place.section.id,
                index:
                  first.place.index + (sameSection(context.plan, longest.id, first.place.section.id) ? 0 : 1),
              },
            }
          : null,
      },
    ),
  ];
};

const sameSection = (plan: Parameters<typeof placedRows>[0], rowId: string, sectionId: string): boolean =>
  placedRows(plan).some((p) => p.row.id === rowId && p.section.id === sectionId);
