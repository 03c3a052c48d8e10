import { isThumbHeavy } from '../../catalogue/movement';
import { finding, movementPlaces, type MovementPlace, type SequencingRule } from '../finding';

const thumbHeavy = ({ movement }: MovementPlace) => isThumbHeavy(movement);

/** R4 Thumb-heavy items do not follow each other; a must when anyone has thumb-base arthritis. */
export const thumbRest: SequencingRule = (context) => {
  const sore = context.people.filter((p) => p.conditions.some((c) => c.conditionId === 'thumb-base'));
  const places = movementPlaces(context);
  return places.flatMap((second, i) => {
    const first = places[i - 1];
    if (!first || !thumbHeavy(first) || !thumbHeavy(second) || second.order !== first.order + 1) return [];
    const other = places.find(
      (p, j) => j > i && !thumbHeavy(p) && p.place.section.id === second.place.section.id,
    );
    return [
      finding(
        'R4',
        sore.length > 0 ? 'must' : 'should',
        `${first.movement.name} and ${second.movement.name.toLowerCase()} both work the thumb.`,
        'Thumb-heavy rows do not follow each other.',
        {
          rowIds: [first.row.id, second.row.id],
          personIds: sore.map((p) => p.id),
          mend: other
            ? {
                label: `Move ${other.movement.name.toLowerCase()} between them`,
                step: {
                  type: 'moveRow',
                  rowId: other.row.id,
                  sectionId: second.place.section.id,
                  index: second.place.index,
                },
              }
            : null,
        },
      ),
    ];
  });
};
