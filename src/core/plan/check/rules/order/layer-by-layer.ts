import type { Joint, Movement } from '../../../../catalogue';
import { primaryCount, withPrimaryCount, type Dose } from '../../../../dose';
import { movementPlaces } from '../../finding';
import { PRACTICE, rule } from '../rule';

export const layerByLayer = rule({
  code: 'O11',
  severity: 'should',
  title: 'What builds in layers is taught a layer at a time',
  reason: 'What builds in layers is taught a layer at a time, each with a short dose of its own.',
  source: PRACTICE,
  find: (context) =>
    movementPlaces(context).flatMap(({ row, movement, timing }) => {
      const layers = layersOf(movement);
      const builds = movement.effort === 'coordination' && timing.isNew && layers.length > 1;
      if (!builds || row.dose.sets >= layers.length) return [];
      const sets = row.dose.sets === 1 ? 'one set' : `${row.dose.sets} sets`;
      const text = `${movement.name} sets ${layers.join(' and ')} going at once, in ${sets}.`;
      return [{ text, rowIds: [row.id], row, layers }];
    }),
  mend: (_, { row, layers: { length } }) => ({
    label: `Make it ${length} short sets, one a layer`,
    step: { type: 'setDose', rowId: row.id, dose: inSets(row.dose, length) },
  }),
});

const LAYERS: readonly { readonly name: string; readonly joints: readonly Joint[] }[] = [
  { name: 'hands', joints: ['thumb', 'fingers', 'wrist', 'forearm'] },
  { name: 'arms', joints: ['shoulder'] },
  { name: 'head and back', joints: ['neck', 'trunk'] },
  { name: 'feet', joints: ['legs'] },
];

/** The parts of the body that a movement sets going together. */
const layersOf = ({ joints }: Movement): readonly string[] =>
  LAYERS.filter((layer) => layer.joints.some((j) => joints.includes(j))).map((layer) => layer.name);

function inSets(dose: Dose, sets: number): Dose {
  const each = Math.max(1, Math.round((primaryCount(dose.count) * dose.sets) / sets));
  return { ...dose, sets, count: withPrimaryCount(dose.count, each), fewest: Math.min(dose.fewest, each) };
}
