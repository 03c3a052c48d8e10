import { groupBy } from '../../../../group';
import { doseTotals, type Dose } from '../../../../dose';
import { movementPlaces, type MovementPlace } from '../../finding';
import { PRACTICE, rule } from '../rule';

export const bothSides = rule({
  code: 'B1',
  severity: 'must',
  title: 'Both sides and both directions',
  reason: 'Both sides, both directions and both interlaces are done, unless you record why not.',
  source: PRACTICE,
  find: (context) => {
    const byMovement = groupBy(movementPlaces(context), (p) => p.movement.id);
    return [...byMovement.values()].flatMap((places) => {
      if (places.some((p) => p.row.dose.unevenReason !== '')) return [];
      const gaps = gapsOf(places);
      if (gaps.length === 0) return [];
      const text = `${places[0]!.movement.name}: ${gaps.join(', ')}.`;
      return [{ text, rowIds: places.map((p) => p.row.id), places }];
    });
  },
  mend: (_, { places }) => ({
    label: 'Make it even',
    step: {
      type: 'several',
      steps: places.map((p) => ({ type: 'setDose', rowId: p.row.id, dose: evened(p) })),
    },
  }),
});

function gapsOf(places: readonly MovementPlace[]): string[] {
  const { movement } = places[0]!;
  const totals = places.map((p) => doseTotals(p.row.dose));
  const sum = (pick: (t: (typeof totals)[number]) => number) => totals.reduce((n, t) => n + pick(t), 0);
  const [left, right] = [sum((t) => t.left), sum((t) => t.right)];
  const gaps: string[] = [];
  if (left !== right) gaps.push(`left ${left}, right ${right}`);
  if (movement.directions === 2 && sum((t) => t.forward) !== sum((t) => t.back))
    gaps.push('only one direction');
  if (movement.leads === 2 && sum((t) => t.firstLead) !== sum((t) => t.secondLead))
    gaps.push('the other hand never leads');
  return gaps;
}

function evened({ row: { dose }, movement }: MovementPlace): Dose {
  const oneSide = dose.sides === 'left' || dose.sides === 'right';
  return {
    ...dose,
    sides: oneSide ? 'each' : dose.sides,
    perSide: true,
    extraLeft: 0,
    extraRight: 0,
    directions: movement.directions,
    leads: movement.leads,
  };
}
