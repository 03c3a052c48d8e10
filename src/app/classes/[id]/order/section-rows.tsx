'use client';

import { useSortable } from '@dnd-kit/sortable';
import { memo, useState } from 'react';
import { insertRows, sectionNameSchema, type Block, type Row, type Section } from '@/core/plan';
import { clockText } from '@/core/words';
import { inputClass } from '@/ui/form/field';
import { CordString } from './cord-string';
import { MovementPicker } from './movement-picker';
import { OrderRow } from './order-row';
import { SectionMenu } from './section-menu';
import { sectionDropId } from './drop-target';
import { ROW_COLUMNS, sideColumns, type OrderProps } from './order-props';
import type { Told } from '../weave/weave-head';

type Props = OrderProps & { section: Section; onTell: (told: Told | null) => void };

/** A section: its knot and name, its rows, and a place to add one. Pointing at a cell does not draw it anew. */
export const SectionRows = memo(function SectionRows({ section, onTell, ...props }: Props) {
  const { check, editor, facts, weave, onOpenRow } = props;
  const [adding, setAdding] = useState(false);
  const timing = check.timing.sections.find((s) => s.sectionId === section.id);
  const { setNodeRef } = useSortable({ id: sectionDropId(section.id), disabled: { draggable: true } });
  const span = ROW_COLUMNS + sideColumns(props);
  const rows = weave.rowIds ? section.rows.filter((r) => weave.rowIds?.has(r.id)) : section.rows;

  const add = (row: Row, title: string) => {
    editor.edit(
      { type: 'insertRow', sectionId: section.id, index: section.rows.length, row },
      `Add ${title}`,
    );
    setAdding(false);
    onOpenRow(row.kind === 'movement' ? row.id : null);
  };

  const addBlock = ({ name, rows: kept }: Block) => {
    const step = insertRows(editor.plan, section.id, section.rows.length, kept);
    if (step) editor.edit(step, `Add ${name}`);
    setAdding(false);
  };

  return (
    <tbody>
      <tr ref={setNodeRef} id={`section-${section.id}`} className="group scroll-mt-32">
        <td className="relative">
          <Knot />
        </td>
        <th scope="rowgroup" colSpan={span - 1}>
          <div className="flex h-7 items-center gap-3 border-b border-line bg-strip px-2">
            <SectionName section={section} editor={editor} />
            <span className="tabular text-sm font-normal text-soft">
              {section.rows.length === 0 ? 'empty' : clockText(timing?.totalMs ?? 0)}
            </span>
            {!props.overview && (
              <span className="no-print flex items-center gap-4 xl:ml-auto">
                <SectionMenu section={section} editor={editor} />
                <button
                  type="button"
                  className="relative px-2 text-sm font-semibold underline underline-offset-4 before:absolute before:-inset-2"
                  onClick={() => setAdding(!adding)}
                  aria-expanded={adding}
                >
                  Add<span className="sr-only"> to {section.name.toLowerCase()}</span>
                </button>
              </span>
            )}
          </div>
        </th>
      </tr>
      {rows.map((row) => (
        <OrderRow key={row.id} row={row} section={section} onTell={onTell} {...props} />
      ))}
      {adding && (
        <tr>
          <td className="relative">
            <CordString />
          </td>
          <td colSpan={span - 1}>
            <MovementPicker
              section={section}
              facts={facts}
              plan={editor.plan}
              blocks={props.blocks}
              floor={props.floor}
              onPickBlock={addBlock}
              onPick={add}
              onClose={() => setAdding(false)}
            />
          </td>
        </tr>
      )}
    </tbody>
  );
});

/** The name is its own button; it turns into a field in place. */
function SectionName({ section, editor }: { section: Section; editor: OrderProps['editor'] }) {
  const [draft, setDraft] = useState<string | null>(null);
  const parsed = sectionNameSchema.safeParse(draft ?? section.name);
  const commit = () => {
    if (draft === null) return;
    if (!parsed.success) return;
    if (parsed.data !== section.name)
      editor.edit(
        { type: 'renameSection', sectionId: section.id, name: parsed.data },
        `Rename ${section.name}`,
      );
    setDraft(null);
  };
  if (draft === null)
    return (
      <button
        type="button"
        className="relative font-bold before:absolute before:-inset-2 hover:underline"
        onClick={() => setDraft(section.name)}
        aria-label={`${section.name}, rename`}
      >
        {section.name}
      </button>
    );
  return (
    <span className="flex items-center gap-2">
      <input
        autoFocus
        aria-label="Section name"
        aria-invalid={!parsed.success}
        className={`${inputClass} max-w-56`}
        value={draft}
        onChange={(e) => setDraft(e.target.value)}
        onBlur={commit}
        onKeyDown={(e) => {
          if (e.key === 'Enter') commit();
          if (e.key === 'Escape') setDraft(null);
        }}
      />
      {!parsed.success && (
        <span role="alert" className="text-load">
          {parsed.error.issues[0]?.message}
        </span>
      )}
    </span>
  );
}

function Knot() {
  return (
    <>
      <CordString />
      <svg
        className="absolute top-1/2 left-[4px] -translate-y-1/2"
        width="20"
        height="24"
        viewBox="0 0 20 26"
        aria-hidden="true"
      >
        <path
          d="M10 1C17 7 17 19 10 25C3 19 3 7 10 1Z"
          fill="var(--color-linen)"
          stroke="var(--color-ink)"
          strokeWidth="2.4"
        />
      </svg>
    </>
  );
}
