import { finding, movementPlaces, type Finding, type MovementPlace, type SequencingRule } from '../finding';

/** O7 Simple before complex: split-hand coordination is learned slow, then sped up. */
export const simpleFirst: SequencingRule = (context) => {
  const places = movementPlaces(context);
  return places
    .filter((p) => p.movement.effort === 'coordination')
    .flatMap((p) => [...learnedSlow(p), ...afterSimple(p, places)]);
};

function learnedSlow({ row, movement, timing }: MovementPlace): readonly Finding[] {
  const [planned, usual] = [row.dose.count, movement.dose.count];
  if (!timing.isNew || planned.mode !== 'reps' || usual.mode !== 'reps') return [];
  if (planned.tempoMs >= usual.tempoMs) return [];
  const count = { ...planned, tempoMs: usual.tempoMs };
  return [
    finding(
      'O7',
      'should',
      `${movement.name} is new and planned at ${planned.tempoMs / 1000} s each.`,
      'What splits the hands is learned slow and sped up in later weeks.',
      {
        rowIds: [row.id],
        mend: {
          label: `Slow it to ${usual.tempoMs / 1000} s each`,
          step: { type: 'setDose', rowId: row.id, dose: { ...row.dose, count } },
        },
      },
    ),
  ];
}

/** A simple movement of the same joints comes later in the class than the complex one. */
function afterSimple(complex: MovementPlace, places: readonly MovementPlace[]): readonly Finding[] {
  const { row, movement, order, place } = complex;
  const simple = places.filter(
    (p) =>
      (p.movement.effort === 'active' || p.movement.effort === 'warm') &&
      p.movement.joints.some((j) => movement.joints.includes(j)),
  );
  const [first] = simple;
  if (!first || first.order < order) return [];
  return [
    finding(
      'O7',
      'should',
      `${movement.name} comes before the simpler ${first.movement.name.toLowerCase()}.`,
      'Simple movement of a joint comes before what asks for coordination.',
      {
        rowIds: [row.id, first.row.id],
        mend: {
          label: `Move ${first.movement.name.toLowerCase()} before it`,
          step: { type: 'moveRow', rowId: first.row.id, sectionId: place.section.id, index: place.index },
        },
      },
    ),
  ];
}
