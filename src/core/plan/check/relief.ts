import { primaryCount, withPrimaryCount } from '../../dose';
import { reserveTrace } from '../../load';
import { breakBefore } from '../edit/new-rows';
import { movementPlaces, type Mend, type RuleContext } from './finding';
import { asksOf, type HandReserve } from './reserve';
import { applyStep } from '../edit/step';

/**
 * The cheapest way to keep a hand's reserve over a line: the shortest hand break before its lowest row that does it,
 * else that row at its fewest, else the two together; where none is enough, the one that helps most.
 */
export function cheapestRelief(context: RuleContext, tired: HandReserve, line: number): Mend | null {
  const tried = reliefs(context, tired).flatMap((mend) => {
    const lowest = lowestAfter(context, tired, mend);
    return lowest === null ? [] : [{ mend, lowest }];
  });
  const enough = tried.find((t) => t.lowest >= line);
  const [best] = [...tried].sort((a, b) => b.lowest - a.lowest);
  return (enough ?? best)?.mend ?? null;
}

/** Cheapest first. */
function reliefs({ plan, ...context }: RuleContext, { rowId }: HandReserve): readonly Mend[] {
  const place = movementPlaces({ plan, ...context }).find((p) => p.row.id === rowId);
  if (!place) return [];
  const breaks = [30, 60, 90].map((s) =>
    breakBefore(plan, place.row.id, 'hand', s, `Put in a hand break of ${s} s before it`),
  );
  const { dose } = place.row;
  if (dose.count.mode === 'time' || primaryCount(dose.count) <= dose.fewest) return breaks;
  const fewest = { ...dose, sets: 1, count: withPrimaryCount(dose.count, dose.fewest) };
  const fewer = { type: 'setDose', rowId: place.row.id, dose: fewest } as const;
  const name = place.movement.name;
  const long = breaks.at(-1)!.step;
  return [
    ...breaks,
    { label: `Take ${name.toLowerCase()} down to its fewest, in one set`, step: fewer },
    {
      label: `Take ${name.toLowerCase()} down to its fewest after a hand break of 90 s`,
      step: { type: 'several', steps: [...(long.type === 'several' ? long.steps : [long]), fewer] },
    },
  ];
}

function lowestAfter(context: RuleContext, { person, hand }: HandReserve, mend: Mend): number | null {
  const applied = applyStep(context.plan, mend.step);
  if (!applied.ok) return null;
  const after = context.replan(applied.value.plan);
  const trace = reserveTrace(asksOf(after, person, hand), after.timing.totalMs);
  return Math.min(...trace.map((p) => p.reserve));
}
