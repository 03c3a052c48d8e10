import type { Dice } from '../dice';
import { CUT_WORDS, placedRows, rankedCuts, rowTitle, type Cut, type RuleContext } from '../plan';
import { clockText, lowerFirst } from '../words';
import { asked, oneOf, shuffled, type Question } from './question';

/** Over by so much, ms: less would be no matter, more would be another class. */
const [LEAST_OVER_MS, MOST_OVER_MS] = [60_000, 240_000];
const STEP_MS = 5_000;
/** What saves as much as this, or more, is clearly enough; less than this is clearly not. */
const [ENOUGH, TOO_LITTLE] = [1, 0.8];
/** So many that save too little. */
const OTHERS = 2;
const TRIES = 30;
const NEVER = 'The ending, left out';

/** A class that runs late: which one change makes the rest fit, with the ending whole. */
export function timeLeftQuestion(roll: Dice, context: RuleContext): Question | null {
  const rows = placedRows(context.plan);
  const endingFrom = rows.findIndex(({ section }) => section.kind === 'settle');
  const cuts = rankedCuts(context);
  for (let i = 0; i < TRIES; i++) {
    const at = 1 + Math.floor(roll() * Math.max(1, endingFrom - 1));
    const ahead = new Set(rows.slice(at).map(({ row }) => row.id));
    const asPlanned = cuts.filter((cut) => ahead.has(cut.rowId));
    // A row that comes once more has the same name: the words would say either.
    const open = asPlanned.filter((cut) => asPlanned.filter((c) => words(c) === words(cut)).length === 1);
    const overMs = LEAST_OVER_MS + Math.floor((roll() * (MOST_OVER_MS - LEAST_OVER_MS)) / STEP_MS) * STEP_MS;
    const enough = open.filter((cut) => cut.savedMs >= ENOUGH * overMs);
    const little = shuffled(
      roll,
      open.filter((cut) => cut.savedMs < TOO_LITTLE * overMs),
    ).slice(0, OTHERS);
    if (enough.length === 0 || little.length < OTHERS) continue;
    const right = oneOf(roll, enough.slice(0, 2));
    const startMs = context.timing.rows[at]!.startMs;
    const needMs = context.timing.totalMs - startMs;
    const next = rowTitle(rows[at]!.row, context.catalogue);
    return asked(roll, words(right), [...little.map(words), NEVER], {
      text: `Next is ${lowerFirst(next)}. What is planned from here takes ${clockText(needMs)}, and ${clockText(needMs - overMs)} are left. Which one change makes it fit?`,
      because: `It gives back ${clockText(right.savedMs)}, and ${clockText(overMs)} are missing; the others give back ${little
        .map((cut) => clockText(cut.savedMs))
        .join(' and ')}. The ending stays whole.`,
    });
  }
  return null;
}

const words = ({ title, how }: Cut): string => `${title}, ${CUT_WORDS[how]}`;
