import { isFirstClass } from '../../class-facts';
import { movementPlaces } from '../../finding';
import { PRACTICE, rule } from '../rule';

const MAX_NEW = 3;

export const fewNew = rule({
  code: 'G3',
  severity: 'should',
  title: 'At most three new movements after the first week',
  reason: 'Three new movements in one class is as much as most people can take in.',
  source: PRACTICE,
  find: (context) => {
    const fresh = isFirstClass(context) ? [] : movementPlaces(context).filter((p) => p.timing.isNew);
    if (fresh.length <= MAX_NEW) return [];
    return [
      {
        text: `${fresh.length} movements are new to this group: ${fresh.map((p) => p.movement.name.toLowerCase()).join(', ')}.`,
        rowIds: fresh.map((p) => p.row.id),
      },
    ];
  },
});
