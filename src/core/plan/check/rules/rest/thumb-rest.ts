import { isThumbHeavy } from '../../../../catalogue';
import { movementPlaces, type MovementPlace } from '../../finding';
import { PRACTICE, rule } from '../rule';

const thumbHeavy = ({ movement }: MovementPlace) => isThumbHeavy(movement);

export const thumbRest = rule({
  code: 'R4',
  severity: 'should',
  title: 'Thumb-heavy rows apart',
  reason: 'Thumb-heavy rows do not follow each other.',
  source: PRACTICE,
  /** A must when anyone has thumb-base arthritis. */
  find: (context) => {
    const sore = context.people.filter((p) => p.conditions.some((c) => c.conditionId === 'thumb-base'));
    const places = movementPlaces(context);
    return places.flatMap((second, i) => {
      const first = places[i - 1];
      if (!first || !thumbHeavy(first) || !thumbHeavy(second) || second.order !== first.order + 1) return [];
      return [
        {
          text: `${first.movement.name} and ${second.movement.name.toLowerCase()} both work the thumb.`,
          severity: sore.length > 0 ? ('must' as const) : ('should' as const),
          rowIds: [first.row.id, second.row.id],
          personIds: sore.map((p) => p.id),
          second,
          // What could come between them.
          other: places.find(
            (p, j) => j > i && !thumbHeavy(p) && p.place.section.id === second.place.section.id,
          ),
        },
      ];
    });
  },
  mend: (_, { second: { place }, other }) =>
    other
      ? {
          label: `Move ${other.movement.name.toLowerCase()} between them`,
          step: { type: 'moveRow', rowId: other.row.id, sectionId: place.section.id, index: place.index },
        }
      : null,
});
