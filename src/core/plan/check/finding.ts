import type { Catalogue, Movement } from '../../catalogue';
import type { Dose } from '../../dose';
import type { RowMovement } from '../../load';
import type { Person } from '../../people';
import { remembered } from '../../remember';
import { isLeftOut, type Verdict } from '../../screening';
import { movementOfRow } from '../at-rung';
import { placedRows, type MovementRow, type Plan, type PlacedRow } from '../plan';
import type { PlanStep } from '../edit/step';
import type { PlanTiming, RowTiming } from './timing';

export type Severity = 'must' | 'should' | 'could';

/** A one-click mend: one undoable step, with what it changes said first. */
export type Mend = { readonly label: string; readonly step: PlanStep };

export type Finding = {
  readonly code: string;
  readonly severity: Severity;
  readonly text: string;
  readonly because: string;
  readonly rowIds: readonly string[];
  readonly personIds: readonly string[];
  readonly mend: Mend | null;
};

/** The plan that increases are measured against: as taught in the last class outside a lighter week. */
export type Baseline = {
  readonly plan: Plan;
  /** No lighter week came in between. */
  readonly isLastTaught: boolean;
};

/** When the baseline was taught. */
export const baselineWords = ({ isLastTaught }: Baseline): string =>
  isLastTaught ? 'last time' : 'the last usual week';

export type RuleContext = {
  readonly plan: Plan;
  readonly catalogue: Catalogue;
  readonly people: readonly Person[];
  readonly helpers: number;
  readonly slotMs: number;
  readonly timing: PlanTiming;
  /** Pieces of each prop in the bag. */
  readonly bag: Readonly<Record<string, number>>;
  /** True for the first class of a term, when everything is new. */
  readonly firstClass: boolean;
  /** Week of the term, from 1. */
  readonly week: number;
  /** What increases are measured against; null for a first class. */
  readonly baseline: Baseline | null;
  /** Classes of this series each person has come to, by person id. */
  readonly attended: Readonly<Record<string, number>>;
  readonly verdictOf: (rowId: string, personId: string) => Verdict | null;
  /** Every verdict on a row by person id; empty where it is no movement. */
  readonly verdictsOn: (rowId: string) => ReadonlyMap<string, Verdict>;
  /** Verdicts on any movement and dose, by person id; also for rows of another plan. */
  readonly judge: (movement: Movement, dose: Dose) => ReadonlyMap<string, Verdict>;
  /** The same class with another plan, to try out what a mend would do. */
  readonly replan: (plan: Plan) => RuleContext;
};

/** A movement row with its movement, place and time on the class clock. */
export type MovementPlace = {
  readonly row: MovementRow;
  readonly movement: RowMovement;
  readonly timing: RowTiming;
  readonly place: PlacedRow;
  /** Position in the running order, breaks and talk included. */
  readonly order: number;
};

const places = new WeakMap<RuleContext, readonly MovementPlace[]>();

/** Nearly every rule asks for them. */
export const movementPlaces = (context: RuleContext): readonly MovementPlace[] =>
  remembered(places, context, () => placesOf(context));

function placesOf({ plan, catalogue, timing }: RuleContext): readonly MovementPlace[] {
  return placedRows(plan).flatMap((place, order) => {
    if (place.row.kind !== 'movement') return [];
    const movement = movementOfRow(place.row, catalogue);
    return movement ? [{ row: place.row, movement, timing: timing.rows[order]!, place, order }] : [];
  });
}

const out = new WeakMap<ReadonlyMap<string, Verdict>, ReadonlySet<string>>();

/** Ids of the people with nothing to do, by verdicts; what was judged of an unchanged row still holds. */
export const leftOutIn = (verdicts: ReadonlyMap<string, Verdict>): ReadonlySet<string> =>
  remembered(
    out,
    verdicts,
    () => new Set([...verdicts].flatMap(([id, verdict]) => (isLeftOut(verdict) ? [id] : []))),
  );

export const leftOutOf = (context: Pick<RuleContext, 'verdictsOn'>, rowId: string): ReadonlySet<string> =>
  leftOutIn(context.verdictsOn(rowId));
