import { groupBy } from '../../../../group';
import { nameList } from '../../../../words';
import { doseTotals, passesOf, perHand, type Dose, type Hand } from '../../../../dose';
import { movementPlaces, type MovementPlace } from '../../finding';
import { PRACTICE, rule } from '../rule';

export const bothSides = rule({
  code: 'B1',
  severity: 'must',
  title: 'Both sides and every pass',
  reason: 'Do both sides and every pass, or note why not.',
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
  const ms = (hand: Hand) => places.reduce((n, p) => n + perHand(p.row.dose, 0)[hand].workMs, 0);
  if (left === right && ms('L') !== ms('R')) gaps.push(`left ${ms('L') / 1000} s, right ${ms('R') / 1000} s`);
  const ofPass = (name: string) => sum((t) => t.byPass.get(name)?.beats ?? 0);
  const whole = movement.dose.passes.map((p) => ({ name: p.name, n: ofPass(p.name) }));
  const missing = whole.filter((p) => p.n === 0);
  const ways = new Set(places.flatMap((p) => passesOf(p.row.dose).map((pass) => pass.name)));
  if (missing.length < whole.length && missing.length > 0)
    gaps.push(`not ${nameList(missing.map((p) => p.name))}`);
  else if (missing.length > 0 && ways.size < whole.length)
    gaps.push(`${ways.size === 1 ? 'one way' : `${ways.size} ways`} of ${whole.length}`);
  else if (new Set(whole.map((p) => p.n)).size > 1)
    gaps.push(whole.map((p) => `${p.n} ${p.name}`).join(', '));
  if (movement.dose.count.mode === 'sequence' && goesBack(movement.dose))
    if (!places.some((p) => goesBack(p.row.dose))) gaps.push('not back again');
  return gaps;
}

/** A row of fingers that is done from its other end as well. */
const goesBack = ({ count, passes }: Dose): boolean =>
  (count.mode === 'sequence' && count.thereAndBack === true) || passes.some((p) => p.reversed);

function evened({ row: { dose }, movement }: MovementPlace): Dose {
  const oneSide = dose.sides === 'left' || dose.sides === 'right';
  return {
    ...dose,
    sides: oneSide ? 'each' : dose.sides,
    perSide: true,
    extraLeft: 0,
    extraRight: 0,
    passes: movement.dose.passes,
    count:
      dose.count.mode === 'sequence' && goesBack(movement.dose) && movement.dose.passes.length === 0
        ? { ...dose.count, thereAndBack: true }
        : dose.count,
  };
}
