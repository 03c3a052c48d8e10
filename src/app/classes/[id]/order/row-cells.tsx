import { memo } from 'react';
import type { RowMovement } from '@/core/stance';
import { doneWith, type Movement } from '@/core/catalogue';
import { doseOf, doseWords } from '@/core/dose';
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
  return (
    <>
      <td className="tabular w-16 text-soft">{clockText(startMs)}</td>
      <td className="w-8">
        <PurposeMark purpose={purpose} />
      </td>
      <Name {...props} />
      <td className={overview ? 'pr-3' : 'py-1.5 pr-3'}>
        {!near ? null : row.kind === 'movement' && movement && !overview ? (
          <CordEdit
            dose={row.dose}
            purpose={purpose}
            context={context}
            movement={movement}
            title={title}
            onChange={(dose) => edit({ type: 'setDose', rowId: row.id, dose }, `Dose of ${title}`)}
          />
        ) : (
          <CordView
            dose={row.kind === 'movement' ? row.dose : doseOf({ mode: 'time', timeMs: row.durationMs })}
            purpose={purpose}
            context={context}
            of={movement ? doneWith(movement) : 'none'}
            width={overview ? 150 : 210}
            className={overview ? 'max-h-6' : ''}
          />
        )}
      </td>
      <td className="tabular w-14">{clockText(totalMs)}</td>
    </>
  );
});

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
  const way = noteOf(row, movement);
  return (
    <th
      scope="row"
      className={`max-w-72 pr-3 font-normal ${overview ? 'truncate' : 'py-1'} ${sticky ? 'sticky left-0 z-[1] bg-linen' : ''}`}
    >
      <button
        type="button"
        data-row={row.id}
        className={`text-left leading-tight font-semibold hover:underline ${overview ? '' : 'min-h-9'}`}
        aria-expanded={open}
        aria-keyshortcuts="Alt+ArrowUp Alt+ArrowDown"
        onClick={() => onOpenRow(open ? null : row.id)}
      >
        {title}
        {severity && <span className="font-bold text-load"> ({severity})</span>}
      </button>
      {way && <p className="text-sm leading-tight font-semibold">{capital(way)}</p>}
      {row.kind === 'movement' && !overview && (
        <p className="text-sm leading-tight text-soft">{lastTime(row, movement, lastTaught, isNew)}</p>
      )}
    </th>
  );
}

const noteOf = (row: Row, movement: RowMovement | undefined): string => {
  if (row.kind === 'talk') return row.question ? 'a question' : '';
  return row.kind === 'movement' && movement ? rowNote(row, movement) : '';
};

/** The dose of the same movement in the class taught last. */
function lastTime(
  row: MovementRow,
  movement: Movement | undefined,
  lastTaught: OrderProps['lastTaught'],
  isNew: boolean,
): string {
  const before = lastTaught && movementRows(lastTaught.plan).find((r) => r.movementId === row.movementId);
  if (!before) return isNew ? 'new to this group' : 'not last time';
  const part = movement && doneWith(movement);
  const words = doseWords(before.dose, part);
  return words === doseWords(row.dose, part) ? 'as last time' : `last time: ${words}`;
}
