import { placedRows } from '../plan';
import { finding, movementPlaces, type MovementPlace, type SequencingRule } from '../finding';

const LONG_TALK_MS = 15_000;

/** O9 Talk longer than 15 s belongs to a rest, not to a hold or an effort. */
export const talkAtRest: SequencingRule = (context) => {
  const places = movementPlaces(context);
  return placedRows(context.plan).flatMap(({ row }, order) => {
    if (row.kind !== 'talk' || row.durationMs <= LONG_TALK_MS) return [];
    const before = places.findLast((p) => p.order < order);
    const after = places.find((p) => p.order > order);
    if (!before || !after || !staysInEffort(before, after)) return [];
    const first = firstOfRun(places, before);
    return [
      finding(
        'O9',
        'should',
        `People hold on through ${Math.round(row.durationMs / 1000)} s of ${row.title.toLowerCase()} between ${before.movement.name.toLowerCase()} and ${after.movement.name.toLowerCase()}.`,
        'Talk of more than 15 s belongs to a rest; nobody should hold a prop or lean while they listen.',
        {
          rowIds: [row.id],
          mend: {
            label: `Move it before ${first.movement.name.toLowerCase()}`,
            step: {
              type: 'moveRow',
              rowId: row.id,
              sectionId: first.place.section.id,
              index: first.place.index,
            },
          },
        },
      ),
    ];
  });
};

/** Nothing is put down between the two: the same prop in the hands, or weight on them before and after. */
const staysInEffort = (a: MovementPlace, b: MovementPlace): boolean =>
  (a.movement.propId !== null && a.movement.propId === b.movement.propId) ||
  (a.movement.effort === 'load' && b.movement.effort === 'load');

function firstOfRun(places: readonly MovementPlace[], inRun: MovementPlace): MovementPlace {
  let at = places.indexOf(inRun);
  while (at > 0 && staysInEffort(places[at - 1]!, places[at]!)) at--;
  return places[at]!;
}
