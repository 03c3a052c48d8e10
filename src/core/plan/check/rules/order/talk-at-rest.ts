import { movementPlaces, type MovementPlace } from '../../finding';
import { placedRows } from '../../../plan';
import { PRACTICE, rule } from '../rule';

const LONG_TALK_MS = 15_000;

export const talkAtRest = rule({
  code: 'O9',
  severity: 'should',
  title: 'Longer talk belongs in a rest',
  reason: 'Talk for longer than 15 s in a rest; nobody should hold a prop or lean while listening.',
  source: PRACTICE,
  find: (context) => {
    const places = movementPlaces(context);
    return placedRows(context.plan).flatMap(({ row }, order) => {
      if (row.kind !== 'talk' || row.durationMs <= LONG_TALK_MS) return [];
      const before = places.findLast((p) => p.order < order);
      const after = places.find((p) => p.order > order);
      if (!before || !after || !staysInEffort(before, after)) return [];
      const seconds = Math.round(row.durationMs / 1000);
      return [
        {
          text: `There are ${seconds} s of ${row.title.toLowerCase()} while people are still holding, between ${before.movement.name.toLowerCase()} and ${after.movement.name.toLowerCase()}.`,
          rowIds: [row.id] as const,
          first: firstOfRun(places, before),
        },
      ];
    });
  },
  mend: (_, { rowIds: [rowId], first: { movement, place } }) => ({
    label: `Move it before ${movement.name.toLowerCase()}`,
    step: { type: 'moveRow', rowId, sectionId: place.section.id, index: place.index },
  }),
});

/** Nothing is put down between the two: the same prop in the hands, or weight on them before and after. */
const staysInEffort = (a: MovementPlace, b: MovementPlace): boolean =>
  (a.movement.propId !== null && a.movement.propId === b.movement.propId) ||
  (a.movement.effort === 'load' && b.movement.effort === 'load');

function firstOfRun(places: readonly MovementPlace[], inRun: MovementPlace): MovementPlace {
  let at = places.indexOf(inRun);
  while (at > 0 && staysInEffort(places[at - 1]!, places[at]!)) at--;
  return places[at]!;
}
