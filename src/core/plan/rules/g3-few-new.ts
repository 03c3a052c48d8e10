import { finding, movementPlaces, type SequencingRule } from '../finding';

const MOST_NEW = 3;

/** G3 At most three new movements in a class after the first week. */
export const fewNew: SequencingRule = (context) => {
  if (context.firstClass) return [];
  const fresh = movementPlaces(context).filter((p) => p.timing.isNew);
  if (fresh.length <= MOST_NEW) return [];
  return [
    finding(
      'G3',
      'should',
      `${fresh.length} movements are new to this group: ${fresh.map((p) => p.movement.name.toLowerCase()).join(', ')}.`,
      'Three new movements in one class is as much as most people can take in.',
      { rowIds: fresh.map((p) => p.row.id) },
    ),
  ];
};
