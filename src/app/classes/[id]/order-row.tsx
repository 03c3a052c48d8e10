'use client';

import { useSortable } from '@dnd-kit/sortable';
import { CSS } from '@dnd-kit/utilities';
import type { KeyboardEvent } from 'react';
import { doseWords } from '@/core/dose/describe';
import { doseOf } from '@/core/dose/dose';
import { fullName } from '@/core/people/person';
import { placedRows, type Plan, type Row, type Section } from '@/core/plan/plan';
import { rowTitle } from '@/core/plan/row-title';
import { scriptContextOf } from '@/core/plan/timing';
import { clockText } from '@/core/words';
import { CordView } from '@/ui/cord';
import { HandsMark, PurposeMark, verdictWords } from '@/ui/marks';
import { RowEditor } from './row-editor';
import { LARGE_WEAVE, type OrderProps } from './order-props';
import { CordString } from './cord-string';
import { neighbourPlace } from '@/core/plan/neighbour-place';
import type { Told } from './weave-head';

type Props = OrderProps & { row: Row; section: Section; onTell: (told: Told | null) => void };

/** One row of the running order: its bead on the cord, when, what, dose, how long, and its people. */
export function OrderRow({ row, section, onTell, ...props }: Props) {
  const { editor, check, facts, weave, last, openRow, onOpenRow } = props;
  const sortable = useSortable({ id: row.id });
  const timing = check.timing.rows.find((t) => t.rowId === row.id)!;
  const movement = row.kind === 'movement' ? facts.catalogue.movement(row.movementId) : undefined;
  const title = rowTitle(row, facts.catalogue);
  const open = openRow === row.id;
  const found = check.findings.find((f) => f.rowIds.includes(row.id));
  const purpose = movement?.purpose ?? 'ease';
  const dose = row.kind === 'movement' ? row.dose : doseOf({ mode: 'time', timeMs: row.durationMs });

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
        className={`border-b border-line ${sortable.isDragging ? 'relative z-10 bg-paper shadow-lg' : ''} ${open ? 'bg-paper' : 'focus-within:bg-paper hover:bg-paper'}`}
      >
        <td className="relative w-7">
          <CordString />
          <button
            type="button"
            ref={sortable.setActivatorNodeRef}
            {...sortable.attributes}
            {...sortable.listeners}
            aria-label={`Move ${title}`}
            className="no-print relative flex h-11 w-7 cursor-grab touch-none items-center justify-center"
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
          className={`max-w-72 py-1 pr-3 font-normal ${weave.people.length > LARGE_WEAVE ? 'sticky left-0 z-[1] bg-linen' : ''}`}
        >
          <button
            type="button"
            className="min-h-9 text-left leading-tight font-semibold hover:underline"
            aria-expanded={open}
            aria-keyshortcuts="Alt+ArrowUp Alt+ArrowDown"
            onClick={() => onOpenRow(open ? null : row.id)}
            onKeyDown={moveByKey}
          >
            {title}
            {found && <span className="font-bold text-load"> ({found.severity})</span>}
          </button>
          {row.kind === 'movement' && <LastTime last={last} row={row} isNew={timing.isNew} />}
        </th>
        <td className="py-1.5 pr-3">
          <CordView dose={dose} purpose={purpose} context={scriptContextOf(editor.plan, timing)} />
        </td>
        <td className="tabular w-14">{clockText(timing.totalMs)}</td>
        {weave.people.map((person, i) => {
          const verdict = check.verdicts.get(row.id)?.get(person.id);
          if (!verdict) return <td key={person.id} />;
          const tell = () => onTell({ rowId: row.id, personId: person.id });
          return (
            <td key={person.id} className="p-0 text-center">
              <button
                type="button"
                id={`cell-${row.id}-${person.id}`}
                tabIndex={i === 0 ? 0 : -1}
                aria-label={`${fullName(person)}: ${verdictWords(verdict)}`}
                className="inline-flex h-11 w-9 items-center justify-center"
                onFocus={tell}
                onMouseEnter={tell}
                onClick={tell}
                onKeyDown={moveAcrossWeave}
              >
                <HandsMark verdict={verdict} />
              </button>
            </td>
          );
        })}
      </tr>
      {open && (
        <tr className="border-b border-line bg-paper">
          <td className="relative">
            <CordString />
          </td>
          <td colSpan={5 + weave.people.length}>
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

/** Arrow keys walk the weave: left and right along people, up and down along rows that have one. */
function moveAcrossWeave(event: KeyboardEvent<HTMLButtonElement>) {
  const step = { ArrowLeft: [0, -1], ArrowRight: [0, 1], ArrowUp: [-1, 0], ArrowDown: [1, 0] }[event.key];
  if (!step) return;
  event.preventDefault();
  const cell = event.currentTarget;
  const rows = [...cell.closest('table')!.querySelectorAll('tr[id^="row-"]')].filter((r) =>
    r.querySelector('button[id^="cell-"]'),
  );
  const cellsOf = (r: Element | undefined) => [
    ...(r?.querySelectorAll<HTMLButtonElement>('button[id^="cell-"]') ?? []),
  ];
  const at = rows.indexOf(cell.closest('tr')!);
  const column = cellsOf(rows[at]).indexOf(cell) + step[1]!;
  cellsOf(rows[at + step[0]!])[column]?.focus();
}
