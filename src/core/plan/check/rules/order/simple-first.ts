import type { Mend } from '../../finding';
import { movementPlaces, type MovementPlace } from '../../finding';
import { PRACTICE, rule } from '../rule';

export const simpleFirst = rule({
  code: 'O7',
  severity: 'should',
  title: 'Simple before complex, and new coordination slow',
  reason:
    'What asks for coordination comes after simple movement of the same joints, and is learned slow and sped up in later weeks.',
  source: PRACTICE,
  find: (context) => {
    const places = movementPlaces(context);
    return places
      .filter((p) => p.movement.effort === 'coordination')
      .flatMap((p) => [...learnedSlow(p), ...afterSimple(p, places)]);
  },
  mend: (_, { put }) => put,
});

type TooSoon = { readonly text: string; readonly rowIds: readonly string[]; readonly put: Mend };

function learnedSlow({ row, movement, timing }: MovementPlace): readonly TooSoon[] {
  const [planned, usual] = [row.dose.count, movement.dose.count];
  if (!timing.isNew || planned.mode !== 'reps' || usual.mode !== 'reps') return [];
  if (planned.tempoMs >= usual.tempoMs) return [];
  const count = { ...planned, tempoMs: usual.tempoMs };
  return [
    {
      text: `${movement.name} is new and planned at ${planned.tempoMs / 1000} s each.`,
      rowIds: [row.id],
      put: {
        label: `Slow it to ${usual.tempoMs / 1000} s each`,
        step: { type: 'setDose', rowId: row.id, dose: { ...row.dose, count } },
      },
    },
  ];
}

/** A simple movement of the same joints comes later in the class than the complex one. */
function afterSimple(complex: MovementPlace, places: readonly MovementPlace[]): readonly TooSoon[] {
  const { row, movement, order, place } = complex;
  const first = places.find(
    (p) =>
      (p.movement.effort === 'active' || p.movement.effort === 'warm') &&
      p.movement.joints.some((j) => movement.joints.includes(j)),
  );
  if (!first || first.order < order) return [];
  return [
    {
      text: `${movement.name} comes before the simpler ${first.movement.name.toLowerCase()}.`,
      rowIds: [row.id, first.row.id],
      put: {
        label: `Move ${first.movement.name.toLowerCase()} before it`,
        step: { type: 'moveRow', rowId: first.row.id, sectionId: place.section.id, index: place.index },
      },
    },
  ];
}
