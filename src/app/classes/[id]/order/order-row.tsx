'use client';

import { useSortable } from '@dnd-kit/sortable';
import { CSS } from '@dnd-kit/utilities';
import { memo, useCallback, useLayoutEffect, useRef, type ComponentProps, type KeyboardEvent } from 'react';
import type { Person } from '@/core/people';
import { movementOfRow, neighbourPlace, rowTitle, type Row, type RowTrace, type Section } from '@/core/plan';
import type { Verdict } from '@/core/screening';
import { CordString } from './cord-string';
import { LARGE_WEAVE, MANY_MARKS, ROW_COLUMNS, rowHeight, sideColumns, type OrderProps } from './order-props';
import { RowCells } from './row-cells';
import { RowEditor } from './row-editor';
import { TraceCells } from '../weave/trace-cells';
import { WeaveCells } from '../weave/weave-cells';
import { useInViewport } from './use-in-viewport';
import type { Told } from '../weave/weave-head';

type Props = OrderProps & { row: Row; section: Section; onTell: (told: Told | null) => void };

/** One row of the running order, with its editor below it while it is open. */
export function OrderRow({ row, section, onTell, ...props }: Props) {
  const { editor, check, facts, weave, side, openRow, overview, chosen } = props;
  const timing = check.timing.rows.find((t) => t.rowId === row.id)!;
  const title = rowTitle(row, facts.catalogue);
  const open = openRow === row.id;
  const onMove = useLatest((by: 1 | -1) => {
    const target = neighbourPlace(editor.plan, row.id, by);
    if (target) editor.edit({ type: 'moveRow', rowId: row.id, ...target }, `Move ${title}`);
  });
  return (
    <>
      <RowLine
        row={row}
        title={title}
        movement={row.kind === 'movement' ? movementOfRow(row, facts.catalogue) : undefined}
        startMs={timing.startMs}
        totalMs={timing.totalMs}
        isNew={timing.isNew}
        slowFirst={timing.slowFirst}
        breathMs={editor.plan.breathMs}
        severity={check.findings.find((f) => f.rowIds.includes(row.id))?.severity ?? null}
        open={open}
        overview={overview}
        sticky={props.beside || weave.people.length > LARGE_WEAVE}
        lastTaught={props.lastTaught}
        edit={editor.edit}
        onOpenRow={props.onOpenRow}
        many={check.timing.rows.length * weave.people.length > MANY_MARKS}
        chosen={chosen ? chosen.has(row.id) : null}
        onChoose={props.onChoose}
        onMove={onMove}
        sideColumns={sideColumns(props)}
        people={side.kind === 'people' ? weave.people : null}
        verdicts={check.verdicts.get(row.id)}
        trace={side.kind === 'traces' ? side.traces.get(row.id) : undefined}
        onTell={onTell}
      />
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

type LineProps = Omit<ComponentProps<typeof RowCells>, 'near'> & {
  /** There are so many marks that rows far from the screen keep theirs back. */
  many: boolean;
  /** Null while rows are not being chosen. */
  chosen: boolean | null;
  onChoose: OrderProps['onChoose'];
  onMove: (by: 1 | -1) => void;
  sideColumns: number;
  /** Of the weave; null while the traces are shown. */
  people: readonly Person[] | null;
  verdicts: ReadonlyMap<string, Verdict> | undefined;
  trace: RowTrace | undefined;
  onTell: (told: Told | null) => void;
};

/** Its bead on the cord, when, what, dose, how long, and what stands beside it. An edit that leaves a row as it was does not draw it anew. */
const RowLine = memo(function RowLine(props: LineProps) {
  const { row, title, movement, open, overview, many, chosen, people } = props;
  const sortable = useSortable({ id: row.id });
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
    props.onMove(event.key === 'ArrowUp' ? -1 : 1);
  };
  return (
    <tr
      ref={setRow}
      id={`row-${row.id}`}
      style={{
        height,
        transform: CSS.Translate.toString(sortable.transform),
        transition: sortable.transition,
      }}
      className={`group/row border-b border-line ${sortable.isDragging ? 'relative z-10 bg-paper shadow-lg' : ''} ${open ? 'bg-paper' : 'bg-linen focus-within:bg-paper hover:bg-paper'}`}
      onKeyDown={moveByKey}
    >
      <td className="relative w-7">
        <CordString />
        {chosen !== null && (
          <label className={`relative flex w-7 items-center justify-center ${rowHeight(overview)}`}>
            <input
              type="checkbox"
              className="size-5 accent-ink"
              aria-label={`Choose ${title}`}
              checked={chosen}
              onChange={() => props.onChoose(row.id)}
            />
          </label>
        )}
        <button
          type="button"
          ref={sortable.setActivatorNodeRef}
          {...sortable.attributes}
          {...sortable.listeners}
          aria-label={`Move ${title}`}
          className={`no-print relative w-7 cursor-grab touch-none items-center justify-center ${chosen === null ? 'flex' : 'hidden'} ${rowHeight(overview)}`}
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
        startMs={props.startMs}
        totalMs={props.totalMs}
        isNew={props.isNew}
        slowFirst={props.slowFirst}
        breathMs={props.breathMs}
        severity={props.severity}
        open={open}
        near={near}
        overview={overview}
        sticky={props.sticky}
        lastTaught={props.lastTaught}
        edit={props.edit}
        onOpenRow={props.onOpenRow}
      />
      {!near ? (
        <td colSpan={props.sideColumns} />
      ) : people ? (
        <WeaveCells
          small={overview}
          rowId={row.id}
          people={people}
          verdicts={props.verdicts}
          onTell={props.onTell}
        />
      ) : (
        <TraceCells trace={props.trace} />
      )}
    </tr>
  );
});

/** The function as it is now, behind one that stays the same. */
function useLatest<A extends readonly unknown[]>(now: (...args: A) => void): (...args: A) => void {
  const latest = useRef(now);
  useLayoutEffect(() => {
    latest.current = now;
  });
  return useCallback((...args: A) => latest.current(...args), []);
}
