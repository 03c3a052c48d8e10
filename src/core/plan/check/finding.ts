import type { Movement } from '../../catalogue';
import type { RowMovement } from '../../stance';
import { remembered } from '../../remember';
import { isLeftOut, type Verdict } from '../../screening';
import { movementOfRow } from '../at-rung';
import { placedRows, type MovementRow, type Plan, type PlacedRow } from '../plan';
import type { PlanStep } from '../edit/step-schema';
import type { Baseline, ClassFacts } from './class-facts';
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

/** When the baseline was taught. */
export const baselineWords = ({ isLastTaught }: Baseline): string =>
  isLastTaught ? 'last time' : 'the last usual week';

/** What a rule may ask about: the class, and what is worked out of it and the plan. */
export type RuleContext = ClassFacts & {
  readonly plan: Plan;
  /** At the instructor’s own pace, where it is known. */
  readonly timing: PlanTiming;
  /** As the plan says. */
  readonly planned: PlanTiming;
  readonly verdictOf: (rowId: string, personId: string) => Verdict | null;
  /** Every verdict on a row by person id; empty where it is no movement. */
  readonly verdictsOn: (rowId: string) => ReadonlyMap<string, Verdict>;
  /** Verdicts on any movement and dose, by person id; also for rows of another plan. */
  readonly judge: (
    movement: Movement,
    row: Pick<MovementRow, 'dose' | 'ownSets'>,
  ) => ReadonlyMap<string, Verdict>;
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
