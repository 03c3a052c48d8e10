import type { Catalogue, School } from '../../catalogue';
import type { Person } from '../../people';
import type { Plan } from '../../plan';
import type { Family } from '../../progress';
import type { CautionTable } from '../../screening';
import type { TermWeek } from '../term';
import type { TermVolume } from '../volumes';

export type PlayOptions = {
  /** As the classes are planned; or from the first of them on as the rules of progress propose. */
  readonly progression: 'as planned' | 'as the rules propose';
  /** How everything is counted; null for the doses of the plans. */
  readonly school: School | null;
  /** Share of the classes that each person comes to, 0 to 1. */
  readonly attendance: number;
  readonly seed: number;
  /** How often the term is played through. */
  readonly plays: number;
};

/** A term to play: its weeks, its classes in order, and the group. */
export type PlayFacts = {
  readonly catalogue: Catalogue;
  readonly cautions: CautionTable;
  readonly people: readonly Person[];
  readonly weeks: readonly TermWeek[];
  readonly classes: readonly { readonly week: number; readonly day: string; readonly plan: Plan }[];
  readonly slotMs: number;
  readonly helpers: number;
};

/** The middle of all plays, and between what half of them lie. */
export type Quartiles = { readonly low: number; readonly middle: number; readonly high: number };

/** One class, over all plays. Shares are of the plays. */
export type PlayedClass = {
  readonly week: number;
  /** People. */
  readonly came: Quartiles;
  /** Effort of ten, mean of those who came. */
  readonly effort: Quartiles;
  /** People whose pain rose by two or more. */
  readonly sore: Quartiles;
  readonly movedOn: Quartiles;
  readonly steppedBack: Quartiles;
  /** As planned in the first play; it is the same in all when the plans are kept to. */
  readonly planned: TermVolume;
  readonly breaches: readonly { readonly code: string; readonly text: string; readonly share: number }[];
};

export type PlayedPerson = {
  readonly personId: string;
  readonly steppedBack: number;
  /** Families in which they end under the rung of the class, with the share of plays in which they do. */
  readonly behind: readonly { readonly family: Family; readonly share: number }[];
  /** Share of plays in which they end behind in anything. */
  readonly shareBehind: number;
  /** It is more often than the others by more than chance explains. */
  readonly isApart: boolean;
};

export type Played = {
  readonly plays: number;
  readonly classes: readonly PlayedClass[];
  /** Those who end behind more often than chance explains first. */
  readonly people: readonly PlayedPerson[];
};
