import {
  finding,
  insertBeside,
  movementPlaces,
  newMovementRow,
  pickMovement,
  type SequencingRule,
} from '../finding';

const WANTED = ['backs of the hands stretched', 'loose shake'] as const;

/** O5 Every loading item is followed within two items by a backs-of-hands counter-stretch and a shake. */
export const counterStretch: SequencingRule = (context) => {
  const places = movementPlaces(context);
  return places.flatMap((load, i) => {
    if (load.movement.effort !== 'load') return [];
    const next = places.slice(i + 1, i + 3);
    const missing = WANTED.filter((trait) => !next.some((p) => p.movement.traits.includes(trait)));
    if (missing.length === 0) return [];
    const add = missing.flatMap((trait) => {
      const movement = pickMovement(context.catalogue, (m) => m.traits.includes(trait));
      return movement ? [movement] : [];
    });
    const names = add.map((m) => m.name.toLowerCase()).join(' and ');
    return [
      finding(
        'O5',
        'must',
        `${load.movement.name} is not followed by ${names}.`,
        'After weight through bent-back wrists, the backs of the hands are stretched and the hands shaken out.',
        {
          rowIds: [load.row.id],
          mend: {
            label: `Add ${names}`,
            step: insertBeside(
              context.plan,
              load.row.id,
              'after',
              add.map((m) => newMovementRow(context.plan, m, `after-${load.row.id}`)),
            ),
          },
        },
      ),
    ];
  });
};
