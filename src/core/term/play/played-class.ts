import type { Plan } from '../../plan';
import type { Decision, Family, Outcome } from '../../progress';
import type { PlayFacts } from './options';
import type { PlayerState } from './response';

/** One person on the way through the term. */
export type Player = {
  readonly person: PlayFacts['people'][number];
  readonly condition: PlayerState;
  /** Their own rung of a movement; with the class where there is none. */
  readonly own: Map<string, number>;
  readonly outcomes: Map<Family, Outcome[]>;
  readonly back: Map<Family, number>;
  came: number;
  steppedBack: number;
};

export type Taught = {
  readonly counts: Omit<ClassPlayed, 'plan' | 'lighter' | 'breaches'>;
  /** Movements of which the class moves to the next rung. */
  readonly moving: ReadonlySet<string>;
  readonly decisions: ReadonlyMap<Family, ReadonlyMap<string, Decision>>;
};

export type ClassPlayed = {
  readonly plan: Plan;
  readonly lighter: boolean;
  readonly came: number;
  readonly effort: number;
  readonly sore: number;
  readonly movedOn: number;
  readonly steppedBack: number;
  readonly breaches: readonly { readonly code: string; readonly text: string }[];
};
