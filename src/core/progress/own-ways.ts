import { easierOf, strongerOf, type Catalogue, type Movement, type MovementOnRung } from '../catalogue';
import { movementOfRow, verdictOnRow } from '../plan';
import {
  adaptationText,
  shortAdaptation,
  type KnownAdaptations,
  type ScreeningContext,
  type Verdict,
  type VerdictKind,
} from '../screening';
import type { Dose, Hand } from '../dose';
import type { PersonNow, RungShift, Since, TaughtRow } from '../teach';
import { offRungWords, type OwnRung } from './own-rung';

/** Somebody who does a row otherwise than the class, and how. */
export type OwnWay = {
  readonly personId: string;
  /** How each hand does it; not why, since helpers see this too. */
  readonly hands: Readonly<Record<Hand, { readonly kind: VerdictKind }>>;
  /** Something of theirs changed in this class. */
  readonly isNew: boolean;
  /** All that is to be said of it. */
  readonly words: string;
};

const SINCE_WORDS: Readonly<Record<Since, string>> = {
  sore: 'sore in this class',
  stopped: 'stopped in this class',
  answer: 'asked in this class',
};

type Given = {
  readonly row: TaughtRow;
  readonly people: readonly PersonNow[];
  readonly rungShifts: readonly RungShift[];
  readonly ownRungs: readonly OwnRung[];
  /** What each person is asked all class long, which is told once and not in every row. */
  readonly throughout?: ReadonlyMap<string, KnownAdaptations>;
};

/** Who does a row of a class under way in a way of their own; whoever has changed in this class comes first. */
export function ownWays(
  { row, people, rungShifts, ownRungs, throughout }: Given,
  context: ScreeningContext & { readonly catalogue: Catalogue },
): readonly OwnWay[] {
  if (row.row.kind !== 'movement') return [];
  const own = row.row;
  const { dose } = own;
  const movement = movementOfRow(own, context.catalogue);
  if (!movement) return [];
  const changedFirst = [...people].sort((a, b) => Number(b.since !== null) - Number(a.since !== null));
  return changedFirst.flatMap(({ person, since }) => {
    const verdict = verdictOnRow(person, own, movement, context);
    const to = rungShifts.find((w) => w.rowId === row.rowId && w.personId === person.id)?.to;
    const rung = ownRungs.find((o) => o.personId === person.id && o.movementId === movement.id)?.rung;
    // A rung of one's own is judged before it is shown.
    const onOwn: MovementOnRung = rung === undefined ? movement : { ...movement, standsOn: rung };
    const heldBack =
      verdict.worst !== 'do' ||
      (rung !== undefined && verdictOnRow(person, own, onOwn, context).worst !== 'do');
    const asks = [to && calledFor(movement, to), offRungWords(movement, rung, heldBack)];
    // Whoever has changed in this class is told of in full.
    const known = since === null ? throughout?.get(person.id) : undefined;
    const how = [...asks, adapted(verdict, dose, known)].filter(Boolean);
    if (how.length === 0) return [];
    const words = [since && SINCE_WORDS[since], ...how].filter(Boolean).join('; ');
    return [
      {
        personId: person.id,
        hands: { L: { kind: verdict.L.kind }, R: { kind: verdict.R.kind } },
        isNew: since !== null,
        words,
      },
    ];
  });
}

const NO_HAND: ReadonlySet<Hand> = new Set();

/** What the cautions ask of both hands, without what is known to hold throughout. */
function adapted(verdict: Verdict, dose: Dose, known: KnownAdaptations | undefined): string {
  // That a hand rests in this row is never left to what was said before.
  if (known) return shortAdaptation(verdict, dose, { ...known, rests: NO_HAND });
  const [left, right] = [adaptationText(verdict.L, dose), adaptationText(verdict.R, dose)];
  if (left === right) return left;
  return [left && `left: ${left}`, right && `right: ${right}`].filter(Boolean).join('; ');
}

/** What was called for while teaching, on top of what the cautions ask. */
function calledFor(movement: Movement, to: RungShift['to']): string {
  const rung = to === 'easier' ? easierOf(movement) : strongerOf(movement);
  return rung ? `${to} now: ${rung}` : `${to} now`;
}
