import type { Dice } from '../../dice';
import type { Person } from '../../people';

/** How a made-up person gets through a term. Ease is in points of effort: what is felt less than what is asked. */
export type PlayerState = {
  ease: number;
  /** Classes that a flare still lasts. */
  flare: number;
  wasInFlare: boolean;
};

/** How one made-up person felt in one class. */
export type Response = {
  readonly effort: number;
  readonly painRise: number;
  readonly worseLater: boolean;
  readonly formLost: number;
};

// Plausible numbers, chosen to make a term neither smooth nor hopeless; they are not measured and predict nobody.
const MEAN_EASE = 0.8;
const SPREAD_OF_EASE = 1;
const EASE_LOST_BY_CONDITION = 0.3;
const EASE_WON_BY_CLASS = 0.12;
const MAX_EASE = 2;
const FLARE = 0.015;
const FLARE_CLASSES = 2;
const SORE = 0.03;
const SORE_BY_EFFORT_OVER = 0.08;
const FORM = 0.02;
const FORM_BY_EFFORT_OVER = 0.05;

export const startOf = (person: Person, roll: Dice): PlayerState => ({
  ease: MEAN_EASE + (roll() - 0.5) * 2 * SPREAD_OF_EASE - EASE_LOST_BY_CONDITION * person.conditions.length,
  flare: person.conditions.some((c) => c.state === 'flare') ? FLARE_CLASSES : 0,
  wasInFlare: false,
});

/** Between two classes: a flare may begin, or go by. */
export function passTime(condition: PlayerState, person: Person, roll: Dice): void {
  condition.wasInFlare = condition.flare > 0;
  if (condition.flare > 0) condition.flare -= 1;
  else if (person.conditions.length > 0 && roll() < FLARE) condition.flare = FLARE_CLASSES;
}

/** What a class that asks so much effort of ten does to somebody who comes; they are a little fitter for it. */
export function respond(condition: PlayerState, asked: number, target: number, roll: Dice): Response {
  const effort = Math.max(0, Math.min(10, Math.round(asked - condition.ease + (roll() - 0.5) * 2)));
  const over = Math.max(0, effort - target);
  const sore = roll() < SORE + SORE_BY_EFFORT_OVER * over;
  condition.ease = Math.min(MAX_EASE, condition.ease + EASE_WON_BY_CLASS);
  return {
    effort,
    painRise: sore ? 2 : roll() < 0.25 ? 1 : 0,
    worseLater: sore && roll() < 0.5,
    formLost: roll() < FORM + FORM_BY_EFFORT_OVER * over ? 2 : 0,
  };
}
