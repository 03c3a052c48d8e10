import { doseTiming, lengthMs, noLongerThan, primaryCount, withPrimaryCount, type Dose } from '../../dose';
import { takenMs } from './pace';
import { movementPlaces, type MovementPlace, type RuleContext } from './finding';
import { placedRows } from '../plan';
import { applyStep } from '../edit/step';
import type { PlanStep } from '../edit/step-schema';
import { scriptContextOf } from './timing';

/** One way to give time back: what is done, the ms it saves, and the share of the row that is lost, 0 to 1. */
export type Cut = {
  readonly rowId: string;
  readonly title: string;
  readonly how: 'to the fewest' | 'one set less' | 'for less long' | 'less talk' | 'left out';
  readonly savedMs: number;
  readonly loss: number;
  readonly step: Exclude<PlanStep, { type: 'several' }>;
};

/** How a cut is told after the name of its row. */
export const CUT_WORDS: Readonly<Record<Cut['how'], string>> = {
  'to the fewest': 'at its fewest',
  'one set less': 'one set less',
  'for less long': 'at its shortest',
  'less talk': 'a minute of talk',
  'left out': 'left out',
};

/**
 * Everything that could be shortened or left out, cheapest loss for its time first. Never the ending, a
 * counter-stretch, a shake or a look at the hands.
 */
export const rankedCuts = (context: RuleContext): readonly Cut[] =>
  cheapestFirst([...shortenings(context), ...leftOuts(context, openPlaces(context))]);

const cheapestFirst = (cuts: readonly Cut[]): readonly Cut[] =>
  cuts.filter((c) => c.savedMs > 0).sort((a, b) => a.loss / a.savedMs - b.loss / b.savedMs);

const openPlaces = (context: RuleContext) => movementPlaces(context).filter((p) => !isProtected(p));

const shortenings = (context: RuleContext): readonly Cut[] => [
  ...openPlaces(context).flatMap((p) => [
    ...fewestCut(context, p),
    ...setCut(context, p),
    ...lengthCut(context, p),
  ]),
  ...talkCuts(context),
];

/** The cheapest cuts that together save what is asked, at most one to a row; nothing is left out whole but what may be. */
export function cheapestCuts(context: RuleContext, overMs: number): readonly Cut[] {
  const chosen: Cut[] = [];
  let savedMs = 0;
  const mayBeLeftOut = openPlaces(context).filter((p) => p.row.optional);
  for (const cut of cheapestFirst([...shortenings(context), ...leftOuts(context, mayBeLeftOut)])) {
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

/** Free time, or one hold, for its shortest. */
function lengthCut(context: RuleContext, place: MovementPlace): Cut[] {
  const { row, movement } = place;
  const nowMs = lengthMs(row.dose.count);
  const shortestMs = movement.lengthMs?.[0];
  if (nowMs === null || shortestMs === undefined || nowMs <= shortestMs) return [];
  const shorter = noLongerThan(row.dose, shortestMs);
  return [doseCut(context, place, shorter, 'for less long', 1 - (lengthMs(shorter.count) ?? nowMs) / nowMs)];
}

function doseCut(
  { plan, pace }: RuleContext,
  { row, movement, timing }: MovementPlace,
  dose: Dose,
  how: Cut['how'],
  loss: number,
): Cut {
  const script = scriptContextOf(plan, timing);
  const takes = (of: Dose) => takenMs(pace, movement.effort, doseTiming(of, script).totalMs);
  const savedMs = takes(row.dose) - takes(dose);
  return {
    rowId: row.id,
    title: movement.name,
    how,
    savedMs,
    loss,
    step: { type: 'setDose', rowId: row.id, dose },
  };
}

const leftOuts = (context: RuleContext, places: readonly MovementPlace[]): readonly Cut[] =>
  places.map((p) => leftOut(context, p));

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
    // A whole row costs more than all of its count, since what it is there for goes with it; what may be left out costs nothing.
    loss: row.optional ? 0 : 2,
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
