import { CAUTIONS } from '@/catalogue/cautions/cautions';
import { easierOf, strongerOf, type Movement, type MovementOnRung } from '@/core/catalogue';
import { offRungWords, type OwnRung } from '@/core/progress';
import {
  peopleNow,
  type Mark,
  type PersonNow,
  type RungShift,
  type Snapshot,
  type TaughtRow,
} from '@/core/teach';
import { fullName, seatingOf } from '@/core/people';
import { movementOfRow } from '@/core/plan';
import { verdictFor, adaptationText } from '@/core/screening';
import { nameList, sentences } from '@/core/words';
import { useCatalogue } from '@/ui/catalogue';
import { HandsMark } from '@/ui/verdict-signs';
import { memo } from 'react';

type Props = {
  rows: readonly TaughtRow[];
  index: number;
  snapshot: Snapshot;
  marks: readonly Mark[];
  day: string;
  rungShifts: readonly RungShift[];
  ownRungs: readonly OwnRung[];
};

/** What to say and watch, who does it their own way, and what comes next. Names stay on this screen. */
export const SideNotes = memo(function SideNotes({
  rows,
  index,
  snapshot,
  marks,
  day,
  rungShifts,
  ownRungs,
}: Props) {
  const catalogue = useCatalogue();
  const row = rows[index];
  const movement = row?.row.kind === 'movement' ? catalogue.movement(row.row.movementId) : undefined;
  const note = row?.row.kind === 'movement' ? row.row.note : '';
  return (
    <aside className="flex min-h-0 flex-col text-lg">
      <div
        className="grid min-h-0 flex-1 content-start gap-3 overflow-y-auto pr-1"
        tabIndex={0}
        role="group"
        aria-label="For this row"
      >
        {note && (
          <div>
            <h2 className="text-base font-normal text-soft">Your note</h2>
            <p className="font-semibold">{note}</p>
          </div>
        )}
        {movement && (
          <>
            <div>
              <h2 className="text-base font-normal text-soft">Say</h2>
              <p className="font-bold">{sentences(movement.cues)}</p>
            </div>
            <div>
              <h2 className="text-base font-normal text-soft">Watch</h2>
              <p>{sentences(movement.watch)}</p>
            </div>
          </>
        )}
        {row && (
          <TheirRung
            row={row}
            people={peopleNow(snapshot.people, marks, rows, index)}
            breathMs={snapshot.plan.breathMs}
            day={day}
            rungShifts={rungShifts}
            ownRungs={ownRungs}
          />
        )}
        <HelpersTask snapshot={snapshot} />
      </div>
      <div className="border-t border-edge pt-2">
        <h2 className="text-base font-normal text-soft">Next</h2>
        {rows.slice(index + 1, index + 3).map((r, i) => (
          <p key={r.rowId} className={i === 0 ? 'font-semibold' : ''}>
            {i === 0 ? r.title : `then ${r.title.charAt(0).toLowerCase()}${r.title.slice(1)}`}
          </p>
        ))}
        {index + 1 >= rows.length && <p>The wrap-up</p>}
      </div>
    </aside>
  );
});

/** Whom each helper sits with, the whole class long. */
function HelpersTask({ snapshot }: { snapshot: Snapshot }) {
  const seats = seatingOf(snapshot.people, snapshot.helpers);
  if (seats.length === 0) return null;
  return (
    <div className="text-base">
      <h2 className="font-normal text-soft">Helpers, open padded palm</h2>
      {seats.map((seat, i) => (
        <p key={i}>
          <strong>{seat.helper ?? 'Nobody yet'}</strong> beside {nameList(seat.people.map(fullName))}
        </p>
      ))}
    </div>
  );
}

/** What was marked of somebody before this row, and counts from it on. */
const SINCE = { sore: 'sore earlier', stopped: 'stopped earlier' } as const;

/** What was called for while teaching, on top of what the cautions ask. */
const nowWords = (movement: Movement, to: RungShift['to']): string => {
  const rung = to === 'easier' ? easierOf(movement) : strongerOf(movement);
  return rung ? `${to} now: ${rung}` : `${to} now`;
};

function TheirRung({
  row,
  people,
  breathMs,
  day,
  rungShifts,
  ownRungs,
}: {
  row: TaughtRow;
  people: readonly PersonNow[];
  breathMs: number;
} & Pick<Props, 'day' | 'rungShifts' | 'ownRungs'>) {
  const catalogue = useCatalogue();
  if (row.row.kind !== 'movement') return null;
  const { dose } = row.row;
  const movement = movementOfRow(row.row, catalogue);
  if (!movement) return null;
  const context = { table: CAUTIONS, catalogue, today: day, breathMs };
  // Who changed in this class comes first.
  const changedFirst = [...people].sort((a, b) => Number(b.since !== null) - Number(a.since !== null));
  const own = changedFirst.flatMap(({ person, since }) => {
    const verdict = verdictFor(person, movement, dose, context);
    const to = rungShifts.find((w) => w.rowId === row.rowId && w.personId === person.id)?.to;
    const rung = ownRungs.find((o) => o.personId === person.id && o.movementId === movement.id)?.rung;
    // A rung of one's own is judged before it is shown.
    const onOwn: MovementOnRung = rung === undefined ? movement : { ...movement, standsOn: rung };
    const atOwn = verdictFor(person, onOwn, dose, context);
    const heldBack = verdict.worst !== 'do' || atOwn.worst !== 'do';
    const now = [since && SINCE[since], to && nowWords(movement, to), offRungWords(movement, rung, heldBack)]
      .filter(Boolean)
      .join('; ');
    return verdict.worst === 'do' && !now ? [] : [{ person, verdict, now }];
  });
  if (own.length === 0) return <p className="text-soft">Everyone does it as shown.</p>;
  return (
    <div className="text-base">
      <h2 className="font-normal text-soft">Do it their own way</h2>
      <ul aria-label="Do it their own way">
        {own.map(({ person, verdict, now }) => {
          const [left, right] = [adaptationText(verdict.L, dose), adaptationText(verdict.R, dose)];
          const words =
            left === right
              ? left
              : [left && `left: ${left}`, right && `right: ${right}`].filter(Boolean).join('; ');
          return (
            <li key={person.id} className="flex gap-2 py-0.5">
              <span className="w-8 shrink-0">
                <HandsMark verdict={verdict} />
              </span>
              <span>
                <strong>{fullName(person)}</strong> {[now, words].filter(Boolean).join('; ')}
              </span>
            </li>
          );
        })}
      </ul>
    </div>
  );
}
