import type { Catalogue } from '../catalogue';
import { primaryCount } from '../dose';
import { groupBy } from '../group';
import { movementOfRow, movementRows, verdictOnRow, type MovementRow, type Plan } from '../plan';
import { stateOn, type Person } from '../people';
import { takesPart, type ScreeningContext } from '../screening';
import type { FollowUpAnswer, Mark, RowRecord, WrapUpPerson } from '../teach';
import type { Outcome } from './decision';
import { FAMILIES, familyOf, type Family } from './family';

/** A class as it was taught and written up. */
export type TaughtClass = {
  readonly day: string;
  readonly plan: Plan;
  readonly people: readonly Person[];
  readonly record: ReadonlyMap<string, RowRecord>;
  readonly marks: readonly Mark[];
  readonly attendance: readonly WrapUpPerson[];
  readonly answers: readonly FollowUpAnswer[];
};

/** The families a class has rows of, in their order, each with its rows. */
export function familyRows(plan: Plan, catalogue: Catalogue): ReadonlyMap<Family, readonly MovementRow[]> {
  const rows = movementRows(plan).map((row) => {
    const movement = catalogue.movement(row.movementId);
    return { row, family: movement ? familyOf(movement) : null };
  });
  return new Map(
    FAMILIES.flatMap((family) => {
      const own = rows.flatMap((r) => (r.family === family ? [r.row] : []));
      return own.length > 0 ? [[family, own] as const] : [];
    }),
  );
}

/** How one person came through one family of a taught class. */
export function outcomeOf(
  taught: TaughtClass,
  personId: string,
  family: Family,
  screening: ScreeningContext,
): Outcome {
  const rows = familyRows(taught.plan, screening.catalogue).get(family) ?? [];
  const line = taught.attendance.find((a) => a.personId === personId);
  const person = taught.people.find((p) => p.id === personId);
  const present = line?.present ?? false;
  const open =
    present && person ? rows.filter((row) => isOpenTo(person, row, { ...screening, today: taught.day })) : [];
  return {
    day: taught.day,
    present,
    inFlare: person !== undefined && isInFlare(person, taught.day),
    movements: [...groupBy(open, (row) => row.movementId)].map(([movementId, same]) => {
      const completed = same.every((row) => doneAsShown(taught, personId, row));
      return { movementId, completed, atTop: completed && same.every(isAtTop) };
    }),
    effort: line?.effort ?? null,
    painRise: line ? painRise(line) : null,
    worseLater: worseLater(taught.answers, personId),
    formLost: taught.marks.filter(
      (m) => m.personId === personId && m.mark === 'form' && rows.some((r) => r.id === m.rowId),
    ).length,
  };
}

/** A joint in flare on record or just out of one, or hot or swollen on the day; pain alone is not one. */
export const isInFlare = ({ conditions }: Pick<Person, 'conditions'>, day: string): boolean =>
  conditions.some((c) => stateOn(c, day) === 'flare' && c.conditionId !== 'painful-today');

/** Not left out for them and not exchanged for something else; what is adapted is theirs. */
function isOpenTo(person: Person, row: MovementRow, screening: ScreeningContext): boolean {
  const movement = movementOfRow(row, screening.catalogue);
  return (
    movement !== null && movement !== undefined && takesPart(verdictOnRow(person, row, movement, screening))
  );
}

/** Counted, not passed over, and no mark against it. */
function doneAsShown({ record, marks }: TaughtClass, personId: string, row: MovementRow): boolean {
  const taken = record.get(row.id);
  if (!taken?.counted || taken.skipped) return false;
  return marks.every((m) => m.personId !== personId || m.rowId !== row.id || m.mark === 'did');
}

const isAtTop = ({ dose }: MovementRow): boolean =>
  dose.count.mode === 'time' || primaryCount(dose.count) >= dose.most;

/** Pain after less pain before, in the hand where it rose more; null where neither hand has both. */
function painRise(line: WrapUpPerson): number | null {
  const rises = [
    [line.painBeforeLeft, line.painAfterLeft],
    [line.painBeforeRight, line.painAfterRight],
  ].flatMap(([before, after]) =>
    before === null || before === undefined || after === null || after === undefined ? [] : [after - before],
  );
  return rises.length > 0 ? Math.max(...rises) : null;
}

function worseLater(answers: readonly FollowUpAnswer[], personId: string): boolean | null {
  const own = answers.filter((a) => a.personId === personId);
  return own.length === 0 ? null : own.some((a) => a.worse);
}
