import { RESISTED } from '../../../../catalogue';
import { movementPlaces, type MovementPlace } from '../../finding';
import { PRACTICE, rule } from '../rule';

/** Weeks in which still effort comes before moving resistance. */
const FIRST_WEEKS = 3;

export const lightFirst = rule({
  code: 'O3',
  severity: 'should',
  title: 'Still before moving in the first weeks, light before heavy in a block',
  reason:
    'In the first weeks effort without movement comes before moving resistance; within a block light work comes before heavy.',
  source: PRACTICE,
  find: (context) => {
    const resisted = movementPlaces(context).filter((p) => RESISTED.has(p.movement.effort));
    return [...stillFirst(resisted, context.week), ...lightInBlock(resisted)];
  },
  mend: (_, { first: { place }, later }) => ({
    label: `Move ${later.movement.name.toLowerCase()} before it`,
    step: { type: 'moveRow', rowId: later.row.id, sectionId: place.section.id, index: place.index },
  }),
});

function stillFirst(resisted: readonly MovementPlace[], week: number) {
  if (week > FIRST_WEEKS) return [];
  const moving = resisted.find((p) => p.movement.effort !== 'isometric');
  const still = resisted.find(
    (p) => p.movement.effort === 'isometric' && p.order > (moving?.order ?? Infinity),
  );
  if (!moving || !still) return [];
  return [{ text: comesBefore(moving, still, 'holds still'), ...pair(moving, still) }];
}

/** In a run of resisted rows of one section, the first place where a lighter row follows a heavier one. */
const lightInBlock = (resisted: readonly MovementPlace[]) =>
  resisted.flatMap((first, i) => {
    const next = resisted[i + 1];
    const together = next && next.place.section === first.place.section && next.order === first.order + 1;
    if (!together || next.movement.effortOf10 >= first.movement.effortOf10) return [];
    return [{ text: comesBefore(first, next, 'is lighter'), ...pair(first, next) }];
  });

const comesBefore = (first: MovementPlace, later: MovementPlace, which: string) =>
  `${first.movement.name} comes before ${later.movement.name.toLowerCase()}, which ${which}.`;

const pair = (first: MovementPlace, later: MovementPlace) => ({
  rowIds: [first.row.id, later.row.id],
  first,
  later,
});
