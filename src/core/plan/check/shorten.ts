import { doseTiming, primaryCount, withPrimaryCount } from '../../dose';
import { movementPlaces, type MovementPlace, type RuleContext } from './finding';
import { placedRows } from '../plan';
import { applyStep, type PlanStep } from '../edit/step';
import { scriptContextOf } from './timing';

/** One way to give time back: what is done, the ms it saves, and the share of the row that is lost, 0 to 1. */
export type Cut = {
  readonly rowId: string;
  readonly title: string;
  readonly how: 'to the fewest' | 'one set less' | 'less talk' | 'left out';
  readonly savedMs: number;
  readonly loss: number;
  readonly step: Exclude<PlanStep, { type: 'several' }>;
};

/**
 * Everything that could be shortened or left out, cheapest loss for its time first. Never the ending, a
 * counter-stretch, a shake or a look at the hands.
 */
export const rankedCuts = (context: RuleContext): readonly Cut[] =>
  cheapestFirst([...shortenings(context), ...openPlaces(context).map((p) => leftOut(context, p))]);

const cheapestFirst = (cuts: readonly Cut[]): readonly Cut[] =>
  cuts.filter((c) => c.savedMs > 0).sort((a, b) => a.loss / a.savedMs - b.loss / b.savedMs);

const openPlaces = (context: RuleContext) => movementPlaces(context).filter((p) => !isProtected(p));

const shortenings = (context: RuleContext): readonly Cut[] => [
  ...openPlaces(context).flatMap((p) => [...fewestCut(context, p), ...setCut(context, p)]),
  ...talkCuts(context),
];

/** The cheapest cuts that together save what is asked, at most one to a row; nothing is left out whole. */
export function cheapestCuts(context: RuleContext, overMs: number): readonly Cut[] {
  const chosen: Cut[] = [];
  let savedMs = 0;
  for (const cut of cheapestFirst(shortenings(context))) {
    if (savedMs >= overMs) break;
    if (chosen.some((c) => c.rowId === cut.rowId)) continue;
    chosen.push(cut);
    savedMs += cut.savedMs;
  }
  return chosen;
}

function isProtected({ place, movement }: MovementPlace): boolean {
  return (
    place.section.kind === 'settle' ||
    movement.traits.some(
      (t) => t === 'backs of the hands stretched' || t === 'loose shake' || t === 'looks at the hands',
    )
  );
}

function fewestCut(context: RuleContext, place: MovementPlace): Cut[] {
  const { dose } = place.row;
  if (dose.count.mode === 'time' || primaryCount(dose.count) <= dose.fewest) return [];
  const shorter = { ...dose, count: withPrimaryCount(dose.count, dose.fewest) };
  return [doseCut(context, place, shorter, 'to the fewest', 1 - dose.fewest / primaryCount(dose.count))];
}

function setCut(context: RuleContext, place: MovementPlace): Cut[] {
  const { dose } = place.row;
  if (dose.sets < 2) return [];
  return [doseCut(context, place, { ...dose, sets: dose.sets - 1 }, 'one set less', 1 / dose.sets)];
}

function doseCut(
  { plan }: RuleContext,
  { row, movement, timing }: MovementPlace,
  dose: MovementPlace['row']['dose'],
  how: Cut['how'],
  loss: number,
): Cut {
  const script = scriptContextOf(plan, timing);
  const savedMs = doseTiming(row.dose, script).totalMs - doseTiming(dose, script).totalMs;
  return {
    rowId: row.id,
    title: movement.name,
    how,
    savedMs,
    loss,
    step: { type: 'setDose', rowId: row.id, dose },
  };
}

/** What leaving a row out saves is asked of the whole plan: props may no longer go out, another row may become the first of its kind. */
function leftOut(context: RuleContext, { row, movement }: MovementPlace): Cut {
  const step = { type: 'removeRow', rowId: row.id } as const;
  const without = applyStep(context.plan, step);
  const lengthMs = without.ok ? context.replan(without.value.plan).timing.totalMs : context.timing.totalMs;
  return {
    rowId: row.id,
    title: movement.name,
    how: 'left out',
    savedMs: context.timing.totalMs - lengthMs,
    // A whole row costs more than all of its count: what it is there for goes with it.
    loss: 2,
    step,
  };
}

const ENOUGH_TALK_MS = 60_000;

function talkCuts({ plan }: RuleContext): Cut[] {
  return placedRows(plan).flatMap(({ row, section }): Cut[] => {
    if (row.kind !== 'talk' || section.kind === 'settle' || row.durationMs <= ENOUGH_TALK_MS) return [];
    const savedMs = row.durationMs - ENOUGH_TALK_MS;
    return [
      {
        rowId: row.id,
        title: row.title,
        how: 'less talk',
        savedMs,
        loss: savedMs / row.durationMs,
        step: { type: 'setDuration', rowId: row.id, durationMs: ENOUGH_TALK_MS },
      },
    ];
  });
}
