import { movementPlaces } from '../../finding';
import { insertBeside, newMovementRow, pickMovement } from '../../../edit/new-rows';
import { PRACTICE, rule } from '../rule';

const WANTED = ['backs of the hands stretched', 'loose shake'] as const;
/** Within so many rows. */
const WITHIN = 2;

export const counterStretch = rule({
  code: 'O5',
  severity: 'must',
  title: 'A counter-stretch and a shake after loading',
  reason:
    'After weight through bent-back wrists, the backs of the hands are stretched and the hands shaken out.',
  source: PRACTICE,
  find: (context) => {
    const places = movementPlaces(context);
    return places.flatMap((load, i) => {
      // A run of leans is countered once, after it.
      const runs = places[i + 1]?.movement.effort === 'load';
      if (load.movement.effort !== 'load' || runs) return [];
      const next = places.slice(i + 1, i + 1 + WITHIN);
      const add = WANTED.filter((t) => !next.some((p) => p.movement.traits.includes(t))).flatMap(
        (trait) => pickMovement(context.catalogue, (m) => m.traits.includes(trait)) ?? [],
      );
      if (add.length === 0) return [];
      const names = add.map((m) => m.name.toLowerCase()).join(' and ');
      const text = `${load.movement.name} is not followed by ${names}.`;
      return [{ text, rowIds: [load.row.id] as const, add, names }];
    });
  },
  mend: ({ plan }, { rowIds: [rowId], add, names }) => ({
    label: `Add ${names}`,
    step: insertBeside(
      plan,
      rowId,
      'after',
      add.map((m) => newMovementRow(plan, m, `after-${rowId}`)),
    ),
  }),
});
