import type { Dice } from '../../dice';
import { stateOn, type Person } from '../../people';

/**
 * How a made-up person gets through a term. Ease is in points of effort: what is felt less than what is asked. Used to is
 * the work of one hand in a class that is nothing new to them: effort of ten times minutes.
 */
export type PlayerState = {
  ease: number;
  usedTo: number;
  /** Classes that a flare still lasts. */
  flare: number;
  wasInFlare: boolean;
};

/** What a class asks of one person: the hardest effort of ten, and the work of the busier hand, effort times minutes. */
export type Asked = { readonly effort: number; readonly work: number };

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
const EASE_WON_BY_CLASS = 0.05;
const MAX_EASE = 2;
const USED_TO = 25;
const SPREAD_OF_USED_TO = 8;
/** Of the way from what one was used to to what was done, a class; lost of it by a class missed. */
const GETS_USED = 0.25;
const LOST_BY_ABSENCE = 0.05;
/** Points of effort for twice the work one is used to, and the most and least of it. */
const EFFORT_BY_DOUBLING = 0.7;
const MOST_BY_WORK = 2;
const LEAST_BY_WORK = -0.7;
const FLARE = 0.015;
const FLARE_CLASSES = 2;
const SORE = 0.03;
const SORE_BY_EFFORT_OVER = 0.08;
/** By each time over that the work is what one is used to, and the most of it. */
const SORE_BY_WORK_OVER = 0.1;
const MOST_SORE = 0.6;
const FORM = 0.02;
const FORM_BY_EFFORT_OVER = 0.05;

/** On the day of the first class. */
export const startOf = (person: Person, day: string, roll: Dice): PlayerState => ({
  ease: MEAN_EASE + (roll() - 0.5) * 2 * SPREAD_OF_EASE - EASE_LOST_BY_CONDITION * person.conditions.length,
  usedTo: USED_TO + (roll() - 0.5) * 2 * SPREAD_OF_USED_TO,
  flare: person.conditions.some((c) => stateOn(c, day) === 'flare') ? FLARE_CLASSES : 0,
  wasInFlare: false,
});

/** Between two classes: a flare may begin, or go by. */
export function passTime(condition: PlayerState, person: Person, roll: Dice): void {
  condition.wasInFlare = condition.flare > 0;
  if (condition.flare > 0) condition.flare -= 1;
  else if (person.conditions.length > 0 && roll() < FLARE) condition.flare = FLARE_CLASSES;
}

/** A class missed: what one was used to fades. */
export function missed(condition: PlayerState): void {
  condition.usedTo *= 1 - LOST_BY_ABSENCE;
}

/** What a class that asks so much does to somebody who comes; they are a little fitter for it, and more used to it. */
export function respond(
  condition: PlayerState,
  { effort: asked, work }: Asked,
  target: number,
  roll: Dice,
): Response {
  const times = work / condition.usedTo;
  const byWork = times > 0 ? EFFORT_BY_DOUBLING * Math.log2(times) : 0;
  const felt = asked - condition.ease + Math.min(MOST_BY_WORK, Math.max(LEAST_BY_WORK, byWork));
  const effort = Math.max(0, Math.min(10, Math.round(felt + (roll() - 0.5) * 2)));
  const over = Math.max(0, effort - target);
  const chance = SORE + SORE_BY_EFFORT_OVER * over + SORE_BY_WORK_OVER * Math.max(0, times - 1);
  const sore = roll() < Math.min(MOST_SORE, chance);
  condition.ease = Math.min(MAX_EASE, condition.ease + EASE_WON_BY_CLASS);
  condition.usedTo += (work - condition.usedTo) * GETS_USED;
  return {
    effort,
    painRise: sore ? 2 : roll() < 0.25 ? 1 : 0,
    worseLater: sore && roll() < 0.5,
    formLost: roll() < FORM + FORM_BY_EFFORT_OVER * over ? 2 : 0,
  };
}
