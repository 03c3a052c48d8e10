import { dice, type Dice } from '../dice';
import type { RuleContext } from '../plan';
import { fingerQuestion } from './finger-orders';
import { gentlerQuestion, type GentlerFacts } from './gentler';
import { oneOf, type Question } from './question';
import { sidesQuestion } from './sides';
import { strainQuestion } from './strain';
import { timeLeftQuestion } from './time-left';

export const DRILLS = [
  { id: 'sides', name: 'Sides while facing the group', what: 'Left and right, theirs and yours.' },
  { id: 'fingers', name: 'Finger orders', what: 'Which finger comes next in a round.' },
  { id: 'strain', name: 'Spot the strain', what: 'Who of five needs a word, and which.' },
  { id: 'gentler', name: 'The gentler way', what: 'What is for a hand with a condition, in a movement.' },
  { id: 'time', name: 'What is left', what: 'Which one change makes the rest of a class fit.' },
] as const;
export type DrillId = (typeof DRILLS)[number]['id'];

/** A drill goes on for so long, ms. */
export const DRILL_MS = 120_000;

/** What the questions are made of: movements that may be asked about, and ready classes that may run late. */
export type DrillFacts = GentlerFacts & { readonly classes: readonly RuleContext[] };

/** So many throws for one question: some can be made into none, and none is asked twice running. */
const THROWS = 40;

/** The questions of a drill one after the other, the same for the same seed. Throws where these facts give none. */
export function drillOf(drill: DrillId, facts: DrillFacts, seed: number): () => Question {
  const roll = dice(seed);
  let before = '';
  return () => {
    for (let i = 0; i < THROWS; i++) {
      const made = MADE_BY[drill](roll, facts);
      if (!made || made.text + made.because === before) continue;
      before = made.text + made.because;
      return made;
    }
    throw new Error(`These facts give no question for ${drill}`);
  };
}

const MADE_BY: Readonly<Record<DrillId, (roll: Dice, facts: DrillFacts) => Question | null>> = {
  sides: sidesQuestion,
  fingers: fingerQuestion,
  strain: strainQuestion,
  gentler: gentlerQuestion,
  time: (roll, { classes }) => timeLeftQuestion(roll, oneOf(roll, classes)),
};
