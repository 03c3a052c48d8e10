import { RESISTED } from '../../catalogue/movement';
import { finding, movementPlaces, type Finding, type MovementPlace, type SequencingRule } from '../finding';

/** Weeks in which still effort comes before moving resistance. */
const FIRST_WEEKS = 3;

/** O3 Isometric before moving resistance the first weeks; light before heavy within a block. */
export const lightFirst: SequencingRule = (context) => {
  const resisted = movementPlaces(context).filter((p) => RESISTED.has(p.movement.effort));
  return [...stillFirst(resisted, context.week), ...lightInBlock(resisted)];
};

function stillFirst(resisted: readonly MovementPlace[], week: number): readonly Finding[] {
  if (week > FIRST_WEEKS) return [];
  const moving = resisted.find((p) => p.movement.effort !== 'isometric');
  const still = resisted.find(
    (p) => p.movement.effort === 'isometric' && p.order > (moving?.order ?? Infinity),
  );
  if (!moving || !still) return [];
  return [
    swapOrder(moving, still, 'In the first weeks effort without movement comes before moving resistance.'),
  ];
}

/** In a run of resisted rows of one section, the first place where a lighter row follows a heavier one. */
function lightInBlock(resisted: readonly MovementPlace[]): readonly Finding[] {
  return resisted.flatMap((row, i) => {
    const next = resisted[i + 1];
    const together = next && next.place.section === row.place.section && next.order === row.order + 1;
    if (!together || next.movement.effortOf10 >= row.movement.effortOf10) return [];
    return [swapOrder(row, next, 'Within a block light work comes before heavy.')];
  });
}

function swapOrder(first: MovementPlace, later: MovementPlace, because: string): Finding {
  const [before, after] = [first.movement.name, later.movement.name];
  return finding(
    'O3',
    'should',
    `${before} comes before ${after.toLowerCase()}, which is lighter.`,
    because,
    {
      rowIds: [first.row.id, later.row.id],
      mend: {
        label: `Move ${after.toLowerCase()} before it`,
        step: {
          type: 'moveRow',
          rowId: later.row.id,
          sectionId: first.place.section.id,
          index: first.place.index,
        },
      },
    },
  );
}
