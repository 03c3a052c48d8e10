'use client';

import { useSortable } from '@dnd-kit/sortable';
import { CSS } from '@dnd-kit/utilities';
import type { KeyboardEvent } from 'react';
import { doseWords } from '@/core/dose/describe';
import { doseOf } from '@/core/dose/dose';
import { placedRows, type Plan, type Row, type Section } from '@/core/plan/plan';
import { rowTitle, rungNote } from '@/core/plan/row-title';
import { scriptContextOf } from '@/core/plan/timing';
import { capital, clockText } from '@/core/words';
import { CordView } from '@/ui/cord';
import { CordEdit } from './cord-edit';
import { PurposeMark } from '@/ui/marks';
import { RowEditor } from './row-editor';
import { LARGE_WEAVE, sideColumns, type OrderProps } from './order-props';
import { TraceCells } from './trace-cells';
import { WeaveCells } from './weave-cells';
import { CordString } from './cord-string';
import { neighbourPlace } from '@/core/plan/neighbour-place';
import type { Told } from './weave-head';

type Props = OrderProps & { row: Row; section: Section; onTell: (told: Told | null) => void };

/** One row of the running order: its bead on the cord, when, what, dose, how long, and its people. */
export function OrderRow({ row, section, onTell, ...props }: Props) {
  const { editor, check, facts, weave, side, last, openRow, onOpenRow, overview, chosen, onChoose } = props;
  const sortable = useSortable({ id: row.id });
  const timing = check.timing.rows.find((t) => t.rowId === row.id)!;
  const movement = row.kind === 'movement' ? facts.catalogue.movement(row.movementId) : undefined;
  const title = rowTitle(row, facts.catalogue);
  const open = openRow === row.id;
  const found = check.findings.find((f) => f.rowIds.includes(row.id));
  const purpose = movement?.purpose ?? 'ease';
  const dose = row.kind === 'movement' ? row.dose : doseOf({ mode: 'time', timeMs: row.durationMs });

  const script = scriptContextOf(editor.plan, timing);
  const rung = row.kind === 'movement' ? rungNote(row, facts.catalogue) : '';

  const moveByKey = (event: KeyboardEvent) => {
    if (!event.altKey || (event.key !== 'ArrowUp' && event.key !== 'ArrowDown')) return;
    event.preventDefault();
    const target = neighbourPlace(editor.plan, row.id, event.key === 'ArrowUp' ? -1 : 1);
    if (target) editor.edit({ type: 'moveRow', rowId: row.id, ...target }, `Move ${title}`);
  };

  return (
    <>
      <tr
        ref={sortable.setNodeRef}
        id={`row-${row.id}`}
        style={{ transform: CSS.Translate.toString(sortable.transform), transition: sortable.transition }}
        className={`group/row border-b border-line ${sortable.isDragging ? 'relative z-10 bg-paper shadow-lg' : ''} ${open ? 'bg-paper' : 'focus-within:bg-paper hover:bg-paper'}`}
      >
        <td className="relative w-7">
          <CordString />
          {chosen && (
            <label
              className={`relative flex w-7 items-center justify-center bg-linen ${overview ? 'h-7' : 'h-11'}`}
            >
              <input
                type="checkbox"
                className="size-5 accent-ink"
                aria-label={`Choose ${title}`}
                checked={chosen.has(row.id)}
                onChange={() => onChoose(row.id)}
              />
            </label>
          )}
          <button
            type="button"
            ref={sortable.setActivatorNodeRef}
            {...sortable.attributes}
            {...sortable.listeners}
            aria-label={`Move ${title}`}
            className={`no-print relative w-7 cursor-grab touch-none items-center justify-center ${chosen ? 'hidden' : 'flex'} ${overview ? 'h-7' : 'h-11'}`}
          >
            <span
              aria-hidden="true"
              className="size-3.5 rounded-full border-2 border-ink"
              style={{ background: `var(--color-${purpose})` }}
            />
          </button>
        </td>
        <td className="tabular w-16 text-soft">{clockText(timing.startMs)}</td>
        <td className="w-8">
          <PurposeMark purpose={purpose} />
        </td>
        <th
          scope="row"
          className={`max-w-72 pr-3 font-normal ${overview ? 'truncate' : 'py-1'} ${weave.people.length > LARGE_WEAVE ? 'sticky left-0 z-[1] bg-linen' : ''}`}
        >
          <button
            type="button"
            className={`text-left leading-tight font-semibold hover:underline ${overview ? '' : 'min-h-9'}`}
            aria-expanded={open}
            aria-keyshortcuts="Alt+ArrowUp Alt+ArrowDown"
            onClick={() => onOpenRow(open ? null : row.id)}
            onKeyDown={moveByKey}
          >
            {title}
            {found && <span className="font-bold text-load"> ({found.severity})</span>}
          </button>
          {rung && <p className="text-sm leading-tight font-semibold">{capital(rung)}</p>}
          {row.kind === 'movement' && !overview && <LastTime last={last} row={row} isNew={timing.isNew} />}
        </th>
        <td className={overview ? 'pr-3' : 'py-1.5 pr-3'}>
          {row.kind === 'movement' && movement && !overview ? (
            <CordEdit
              dose={row.dose}
              purpose={purpose}
              context={script}
              movement={movement}
              title={title}
              onChange={(changed) =>
                editor.edit({ type: 'setDose', rowId: row.id, dose: changed }, `Dose of ${title}`)
              }
            />
          ) : (
            <CordView
              dose={dose}
              purpose={purpose}
              context={script}
              width={overview ? 150 : 210}
              className={overview ? 'max-h-6' : ''}
            />
          )}
        </td>
        <td className="tabular w-14">{clockText(timing.totalMs)}</td>
        {side.kind === 'people' ? (
          <WeaveCells
            small={overview}
            rowId={row.id}
            people={weave.people}
            verdicts={check.verdicts.get(row.id)}
            onTell={onTell}
          />
        ) : (
          <TraceCells trace={side.traces.get(row.id)} />
        )}
      </tr>
      {open && (
        <tr className="border-b border-line bg-paper">
          <td className="relative">
            <CordString />
          </td>
          <td colSpan={5 + sideColumns(props)}>
            <RowEditor row={row} title={title} section={section} timing={timing} {...props} />
          </td>
        </tr>
      )}
    </>
  );
}

/** The dose of the same movement in the class taught last. */
function LastTime({
  last,
  row,
  isNew,
}: {
  last: OrderProps['last'];
  row: Extract<Row, { kind: 'movement' }>;
  isNew: boolean;
}) {
  const before = last && doseIn(last.plan, row.movementId);
  const words = before ? doseWords(before) : null;
  const text = !words
    ? isNew
      ? 'new to this group'
      : 'not last time'
    : words === doseWords(row.dose)
      ? 'as last time'
      : `last time: ${words}`;
  return <p className="text-sm leading-tight text-soft">{text}</p>;
}

function doseIn(plan: Plan, movementId: string) {
  for (const { row } of placedRows(plan))
    if (row.kind === 'movement' && row.movementId === movementId) return row.dose;
  return null;
}
