'use client';

import { useSortable } from '@dnd-kit/sortable';
import { CSS } from '@dnd-kit/utilities';
import { useCallback, type KeyboardEvent } from 'react';
import { movementOfRow, neighbourPlace, rowTitle, type Row, type Section } from '@/core/plan';
import { CordString } from './cord-string';
import { LARGE_WEAVE, MANY_MARKS, ROW_COLUMNS, rowHeight, sideColumns, type OrderProps } from './order-props';
import { RowCells } from './row-cells';
import { RowEditor } from './row-editor';
import { TraceCells } from '../weave/trace-cells';
import { WeaveCells } from '../weave/weave-cells';
import { useInViewport } from './use-in-viewport';
import type { Told } from '../weave/weave-head';

type Props = OrderProps & { row: Row; section: Section; onTell: (told: Told | null) => void };

/** One row of the running order: its bead on the cord, when, what, dose, how long, and what stands beside it. */
export function OrderRow({ row, section, onTell, ...props }: Props) {
  const {
    editor,
    check,
    facts,
    weave,
    side,
    lastTaught,
    openRow,
    onOpenRow,
    overview,
    chosen,
    onChoose,
    beside,
  } = props;
  const sortable = useSortable({ id: row.id });
  const timing = check.timing.rows.find((t) => t.rowId === row.id)!;
  const movement = row.kind === 'movement' ? movementOfRow(row, facts.catalogue) : undefined;
  const title = rowTitle(row, facts.catalogue);
  const open = openRow === row.id;

  const many = check.timing.rows.length * weave.people.length > MANY_MARKS;
  const { near, height, ref } = useInViewport(many && !open);
  const { setNodeRef } = sortable;
  const setRow = useCallback(
    (element: HTMLElement | null) => {
      setNodeRef(element);
      ref(element);
    },
    [setNodeRef, ref],
  );

  const moveByKey = (event: KeyboardEvent) => {
    const onTitle = (event.target as HTMLElement).dataset.row === row.id;
    if (!onTitle || !event.altKey || (event.key !== 'ArrowUp' && event.key !== 'ArrowDown')) return;
    event.preventDefault();
    const target = neighbourPlace(editor.plan, row.id, event.key === 'ArrowUp' ? -1 : 1);
    if (target) editor.edit({ type: 'moveRow', rowId: row.id, ...target }, `Move ${title}`);
  };

  return (
    <>
      <tr
        ref={setRow}
        id={`row-${row.id}`}
        style={{
          height,
          transform: CSS.Translate.toString(sortable.transform),
          transition: sortable.transition,
        }}
        className={`group/row border-b border-line ${sortable.isDragging ? 'relative z-10 bg-paper shadow-lg' : ''} ${open ? 'bg-paper' : 'focus-within:bg-paper hover:bg-paper'}`}
        onKeyDown={moveByKey}
      >
        <td className="relative w-7">
          <CordString />
          {chosen && (
            <label className={`relative flex w-7 items-center justify-center ${rowHeight(overview)}`}>
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
            className={`no-print relative w-7 cursor-grab touch-none items-center justify-center ${chosen ? 'hidden' : 'flex'} ${rowHeight(overview)}`}
          >
            <span
              aria-hidden="true"
              className="size-3.5 rounded-full border-2 border-ink"
              style={{ background: `var(--color-${movement?.purpose ?? 'ease'})` }}
            />
          </button>
        </td>
        <RowCells
          row={row}
          title={title}
          movement={movement}
          startMs={timing.startMs}
          totalMs={timing.totalMs}
          isNew={timing.isNew}
          slowFirst={timing.slowFirst}
          breathMs={editor.plan.breathMs}
          severity={check.findings.find((f) => f.rowIds.includes(row.id))?.severity ?? null}
          open={open}
          near={near}
          overview={overview}
          sticky={beside || weave.people.length > LARGE_WEAVE}
          lastTaught={lastTaught}
          edit={editor.edit}
          onOpenRow={onOpenRow}
        />
        {!near ? (
          <td colSpan={sideColumns(props)} />
        ) : side.kind === 'people' ? (
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
          <td colSpan={ROW_COLUMNS - 1 + sideColumns(props)}>
            <div className="max-sm:w-[calc(100vw-6.5rem)]">
              <RowEditor row={row} title={title} section={section} timing={timing} {...props} />
            </div>
          </td>
        </tr>
      )}
    </>
  );
}
