import type { Catalogue, Movement } from '../catalogue/movement';
import type { Dose } from '../dose/dose';
import type { Person } from '../people/person';
import { remembered } from '../remember';
import { isLeftOut, type Verdict } from '../screening/verdict';
import { movementOfRow } from './at-rung';
import { findRow, placedRows, type MovementRow, type Plan, type PlacedRow } from './plan';
import type { PlanStep } from './step';
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
  /** The plan that rises are told from: as taught last in a usual week; null for a first class. */
  readonly last: Plan | null;
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

export type SequencingRule = (context: RuleContext) => readonly Finding[];

export const finding = (
  code: string,
  severity: Severity,
  text: string,
  because: string,
  rest: { rowIds?: readonly string[]; personIds?: readonly string[]; mend?: Mend | null } = {},
): Finding => ({
  code,
  severity,
  text,
  because,
  rowIds: rest.rowIds ?? [],
  personIds: rest.personIds ?? [],
  mend: rest.mend ?? null,
});

/** A movement row with its movement, place and time on the class clock. */
export type MovementPlace = {
  readonly row: MovementRow;
  readonly movement: Movement;
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

/** Insert new rows after a row (or before it); ids stay the same for the same plan. */
export function insertBeside(
  plan: Plan,
  rowId: string,
  where: 'before' | 'after',
  rows: readonly Parameters<typeof rowStep>[1][],
): PlanStep {
  const place = findRow(plan, rowId)!;
  const at = place.index + (where === 'after' ? 1 : 0);
  return { type: 'several', steps: rows.map((row, i) => rowStep(place.section.id, row, at + i)) };
}

export const rowStep = (
  sectionId: string,
  row: Extract<PlanStep, { type: 'insertRow' }>['row'],
  index: number,
): Extract<PlanStep, { type: 'insertRow' }> => ({ type: 'insertRow', sectionId, index, row });

/** An id that the plan does not use yet. */
export function freshRowId(plan: Plan, base: string): string {
  const taken = new Set(placedRows(plan).map((p) => p.row.id));
  if (!taken.has(base)) return base;
  for (let n = 2; ; n++) if (!taken.has(`${base}-${n}`)) return `${base}-${n}`;
}

export const newMovementRow = (plan: Plan, movement: Movement, why: string): MovementRow => ({
  kind: 'movement',
  id: freshRowId(plan, `${why}-${movement.id}`.slice(0, 50)),
  movementId: movement.id,
  dose: movement.dose,
  note: '',
});

/** The first movement in the catalogue that fits, without a prop when there is one. */
export function pickMovement(catalogue: Catalogue, fits: (m: Movement) => boolean): Movement | null {
  const fitting = catalogue.movements.filter(fits);
  return fitting.find((m) => m.propId === null) ?? fitting[0] ?? null;
}

/** A break put in before a row, as a mend. */
export function breakBefore(
  plan: Plan,
  rowId: string,
  what: 'hand' | 'water',
  seconds: number,
  label: string,
): Mend {
  const id = freshRowId(plan, `${what}-before-${rowId}`.slice(0, 50));
  const row = { kind: 'break', id, what, durationMs: seconds * 1000 } as const;
  return { label, step: insertBeside(plan, rowId, 'before', [row]) };
}
