import type { Catalogue } from '../../catalogue';
import type { Person } from '../../people';
import type { CautionTable } from '../../screening';
import type { Plan } from '../plan';
import type { Pace } from './pace';

/** The plan that increases are measured against: as taught in the last class outside a lighter week. */
export type Baseline = {
  readonly plan: Plan;
  /** No lighter week came in between. */
  readonly isLastTaught: boolean;
};

/** Everything a plan is judged against. */
export type ClassFacts = {
  readonly catalogue: Catalogue;
  readonly cautions: CautionTable;
  readonly people: readonly Person[];
  readonly helpers: number;
  readonly slotMs: number;
  /** Pieces of each prop in the bag. */
  readonly bag: Readonly<Record<string, number>>;
  /** Movements the group has been shown this term. */
  readonly shown: readonly string[];
  /** ISO day of the class. */
  readonly day: string;
  /** Week of the term, from 1. */
  readonly week: number;
  /** What increases are measured against; null for a first class. */
  readonly baseline: Baseline | null;
  /** Classes of this series each person has come to, by person id. */
  readonly attended: Readonly<Record<string, number>>;
  /** How long this instructor takes, learned from classes taught before; left out where nothing was. */
  readonly pace?: Pace | undefined;
};

/** The first class of a term, when everything is new. */
export const isFirstClass = ({ shown }: Pick<ClassFacts, 'shown'>): boolean => shown.length === 0;
