import { withPrimaryCount, primaryCount } from '../../dose/dose';
import { doseTiming } from '../../dose/timing';
import { clockText, plural } from '../../words';
import {
  finding,
  movementPlaces,
  type MovementPlace,
  type RuleContext,
  type SequencingRule,
} from '../finding';
import { scriptContextOf } from '../timing';

/** T1 The class fits its slot, arrival and closing included; the ending is protected. */
export const fitsSlot: SequencingRule = (context) => {
  const overMs = context.timing.totalMs - context.slotMs;
  if (overMs <= 0) return [];
  const { chosen, savedMs } = cheapestCuts(context, overMs);
  const left = overMs - savedMs;
  return [
    finding(
      'T1',
      'must',
      `The class is ${clockText(overMs)} longer than its ${clockText(context.slotMs)} slot.`,
      'A class that runs over loses its quiet ending, so the ending is kept and other rows give way.',
      {
        rowIds: chosen.map((c) => c.place.row.id),
        mend:
          chosen.length > 0
            ? {
                label: `Shorten ${plural(chosen.length, 'row')} to the fewest, saves ${clockText(savedMs)}${left > 0 ? `, ${clockText(left)} still over` : ''}`,
                step: {
                  type: 'several',
                  steps: chosen.map((c) => ({ type: 'setDose', rowId: c.place.row.id, dose: c.dose })),
                },
              }
            : null,
      },
    ),
  ];
};

type Cut = { place: MovementPlace; dose: MovementPlace['row']['dose']; savedMs: number };

/**
 * Cheapest loss first: rows that lose the least share of their dose for the time
 * they give back. Never the ending, a counter-stretch, a shake or a look at the hands.
 */
function cheapestCuts(context: RuleContext, overMs: number): { chosen: readonly Cut[]; savedMs: number } {
  const cuts = movementPlaces(context)
    .filter((p) => !isProtected(p))
    .flatMap((p) => cutOf(context, p))
    .sort((a, b) => lossPerMs(a) - lossPerMs(b));
  const chosen: Cut[] = [];
  let savedMs = 0;
  for (const cut of cuts) {
    if (savedMs >= overMs) break;
    chosen.push(cut);
    savedMs += cut.savedMs;
  }
  return { chosen, savedMs };
}

function isProtected({ place, movement }: MovementPlace): boolean {
  return (
    place.section.kind === 'settle' ||
    movement.traits.some(
      (t) => t === 'backs of the hands stretched' || t === 'loose shake' || t === 'looks at the hands',
    )
  );
}

function cutOf(context: RuleContext, place: MovementPlace): Cut[] {
  const { dose } = place.row;
  if (dose.count.mode === 'time' || primaryCount(dose.count) <= dose.fewest) return [];
  const shorter = { ...dose, count: withPrimaryCount(dose.count, dose.fewest) };
  const script = scriptContextOf(context.plan, place.timing);
  return [
    { place, dose: shorter, savedMs: doseTiming(dose, script).totalMs - doseTiming(shorter, script).totalMs },
  ];
}

const lossPerMs = ({ place, savedMs }: Cut): number => {
  const { dose } = place.row;
  return (1 - dose.fewest / primaryCount(dose.count)) / savedMs;
};
