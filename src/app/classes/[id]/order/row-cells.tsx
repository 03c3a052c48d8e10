import { memo } from 'react';
import type { RowMovement } from '@/core/stance';
import { doneWith, type Movement } from '@/core/catalogue';
import { doseOf, doseWords, shortTurns } from '@/core/dose';
import { movementRows, rowNote, type MovementRow, type Row, type Severity } from '@/core/plan';
import { capital, clockText } from '@/core/words';
import { CordView } from '@/ui/cord/cord';
import { PurposeMark } from '@/ui/verdict-signs';
import { CordEdit } from './cord-edit';
import type { OrderProps } from './order-props';
import type { PlanEditor } from '../use-plan';

type Props = {
  row: Row;
  title: string;
  movement: RowMovement | undefined;
  startMs: number;
  totalMs: number;
  isNew: boolean;
  slowFirst: boolean;
  breathMs: number;
  severity: Severity | null;
  open: boolean;
  /** Far from the screen the cord is not drawn. */
  near: boolean;
  overview: boolean;
  /** The name stays in sight while a large weave is scrolled. */
  sticky: boolean;
  lastTaught: OrderProps['lastTaught'];
  edit: PlanEditor['edit'];
  onOpenRow: OrderProps['onOpenRow'];
};

/** When, what, the dose and how long. Most edits leave most rows alone, and then nothing here is drawn anew. */
export const RowCells = memo(function RowCells(props: Props) {
  const { row, title, movement, startMs, totalMs, breathMs, near, overview, edit } = props;
  const purpose = movement?.purpose ?? 'ease';
  const context = { breathMs, slowFirst: props.slowFirst };
  const dose = row.kind === 'movement' ? row.dose : doseOf({ mode: 'time', timeMs: row.durationMs });
  const of = movement ? doneWith(movement) : 'none';
  return (
    <>
      <td className="tabular w-13 pr-1 text-soft sm:pr-2">{clockText(startMs)}</td>
      <td className="w-8 max-sm:hidden">
        <PurposeMark purpose={purpose} />
      </td>
      <Name {...props} />
      <td className="w-52 max-sm:hidden">
        {!near ? null : row.kind === 'movement' && movement && !overview ? (
          <CordEdit
            dose={row.dose}
            purpose={purpose}
            context={context}
            movement={movement}
            title={title}
            onChange={(changed) =>
              edit({ type: 'setDose', rowId: row.id, dose: changed }, `Dose of ${title}`)
            }
          />
        ) : row.kind === 'movement' ? (
          <CordView
            dose={dose}
            purpose={purpose}
            context={context}
            of={of}
            width={CORD_PX}
            height={overview ? 24 : 40}
          />
        ) : null}
      </td>
      <td className="tabular w-24 min-w-15.5 text-[0.8125rem] leading-4 sm:min-w-24 sm:pr-1 sm:text-sm">
        {shortTurns(dose, of)}
      </td>
      <td className="tabular w-12 text-sm max-sm:hidden">{clockText(totalMs)}</td>
    </>
  );
});

/** As wide as beads are drawn in a row. */
const CORD_PX = 132;

function Name({
  row,
  title,
  movement,
  severity,
  open,
  overview,
  sticky,
  lastTaught,
  isNew,
  onOpenRow,
}: Props) {
  const notes = [
    capital(noteOf(row, movement)),
    row.kind === 'movement' ? sinceLastTime(row, movement, lastTaught, isNew) : '',
  ].filter(Boolean);
  return (
    <th
      scope="row"
      className={`max-w-60 min-w-32 sm:min-w-52 pr-1 sm:pr-2 font-normal bg-inherit ${sticky ? 'sticky left-0 z-[1]' : 'max-xl:sticky max-xl:left-0 max-xl:z-[1]'}`}
    >
      <button
        type="button"
        data-row={row.id}
        className={`w-full text-left leading-5 font-semibold hover:underline ${notes.length > 0 || overview ? 'truncate' : 'line-clamp-2'} ${overview ? '' : 'min-h-6'}`}
        aria-expanded={open}
        aria-keyshortcuts="Alt+ArrowUp Alt+ArrowDown"
        onClick={() => onOpenRow(open ? null : row.id)}
      >
        {title}
        {severity && <span className="font-bold text-load"> ({severity})</span>}
      </button>
      {!overview && notes.length > 0 && (
        <p className="truncate text-[0.8125rem] leading-4 text-soft" title={notes.join('; ')}>
          {notes.join('; ')}
        </p>
      )}
    </th>
  );
}

const noteOf = (row: Row, movement: RowMovement | undefined): string => {
  if (row.kind === 'talk') return row.question ? 'a question' : '';
  return row.kind === 'movement' && movement ? rowNote(row, movement) : '';
};

/** What is different from the same movement in the class taught last; nothing where nothing is. */
function sinceLastTime(
  row: MovementRow,
  movement: Movement | undefined,
  lastTaught: OrderProps['lastTaught'],
  isNew: boolean,
): string {
  const before = lastTaught && movementRows(lastTaught.plan).find((r) => r.movementId === row.movementId);
  if (!before) return isNew ? 'new to this group' : lastTaught ? 'not last time' : '';
  const part = movement && doneWith(movement);
  const words = doseWords(before.dose, part);
  return words === doseWords(row.dose, part) ? '' : `last time: ${words}`;
}
