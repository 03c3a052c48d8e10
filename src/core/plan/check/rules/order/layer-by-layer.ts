import { HAND_JOINTS, type Joint, type Movement } from '../../../../catalogue';
import { primaryCount, withPrimaryCount, type Dose } from '../../../../dose';
import { movementPlaces } from '../../finding';
import { PRACTICE, rule } from '../rule';

export const layerByLayer = rule({
  code: 'O11',
  severity: 'should',
  title: 'What builds up is taught one part at a time',
  reason: 'Teach one part at a time, a short dose each, then put them together.',
  source: PRACTICE,
  find: (context) =>
    movementPlaces(context).flatMap(({ row, movement, timing }) => {
      const layers = layersOf(movement);
      const builds = movement.effort === 'coordination' && timing.isNew && layers.length > 1;
      if (!builds || row.dose.layers) return [];
      const text = `${movement.name} starts ${layers.join(' and ')} together.`;
      return [{ text, rowIds: [row.id], row, layers }];
    }),
  mend: (_, { row, layers }) => ({
    label: `Build it up in ${layers.length} layers`,
    step: { type: 'setDose', rowId: row.id, dose: inLayers(row.dose, layers) },
  }),
});

const LAYERS: readonly { readonly name: string; readonly joints: readonly Joint[] }[] = [
  { name: 'hands', joints: HAND_JOINTS },
  { name: 'arms', joints: ['shoulder'] },
  { name: 'head and back', joints: ['neck', 'trunk'] },
  { name: 'feet', joints: ['legs'] },
];

/** The parts of the body that a movement sets going together. */
const layersOf = ({ joints }: Movement): readonly string[] =>
  LAYERS.filter((layer) => layer.joints.some((j) => joints.includes(j))).map((layer) => layer.name);

/** As much as before, shared out: one part alone, then each further one with it. */
function inLayers(dose: Dose, parts: readonly string[]): Dose {
  const each = Math.max(1, Math.round((primaryCount(dose.count) * dose.sets) / parts.length));
  const named = parts.map((part, i) => ({ name: i === 0 ? `${part} alone` : `with the ${part}` }));
  return {
    ...dose,
    sets: 1,
    layers: named,
    count: withPrimaryCount(dose.count, each),
    fewest: Math.min(dose.fewest, each),
  };
}
