import { useDraggable, useDroppable } from '@dnd-kit/core';
import { Popover } from 'radix-ui';
import { useState, type KeyboardEvent } from 'react';
import { doseWords } from '@/core/dose';
import { CellEditor } from './cell-editor';
import type { ItemEdit, ItemLine } from './item-line';
import type { ColumnHead } from './week-heads';

/** Where a bead is dragged from, or to. */
export type CellPlace = { readonly item: ItemLine; readonly at: number };

const [WIDTH, HEIGHT, FOOT] = [116, 66, 37];

/** One rung up or down, px; a long ladder has smaller steps. */
const stepPx = ({ rungs }: ItemLine): number => Math.min(9, 27 / (rungs.length - 1));
const heightOf = (item: ItemLine, rung: number): number => FOOT - rung * stepPx(item);

/** The rung a bead comes to when it is dragged so far down, px. */
export const rungDragged = (item: ItemLine, rung: number, downPx: number): number =>
  Math.min(item.rungs.length - 1, Math.max(0, rung - Math.round(downPx / stepPx(item))));

type Props = CellPlace & {
  column: ColumnHead;
  carry: boolean;
  onChange: (edit: ItemEdit, carry: boolean) => void;
};

/** Where a movement stands in one class, on the cord that comes from the week before and goes on to the next. */
export function RungCell({ item, at, column, carry, onChange }: Props) {
  const place: CellPlace = { item, at };
  const id = `${item.movementId} ${item.nth} ${at}`;
  const { setNodeRef, isOver } = useDroppable({ id, data: place });
  const cell = item.cells[at];
  return (
    <td ref={setNodeRef} className={`relative p-0 align-top ${isOver ? 'bg-linen' : ''}`}>
      {cell && (
        <>
          <CordThrough item={item} at={at} />
          <p className="tabular absolute inset-x-0 bottom-0.5 text-center text-sm">{cell.words}</p>
          {column.status === 'planned' ? (
            <MovableBead place={place} id={id} column={column} carry={carry} onChange={onChange} />
          ) : (
            <Bead item={item} rung={cell.rung} words={wordsOf(item, at, column)} />
          )}
        </>
      )}
    </td>
  );
}

/** The cord in this cell: from half-way to the class before it to half-way to the next, by way of the bead. */
function CordThrough({ item, at }: CellPlace) {
  const here = heightOf(item, item.cells[at]!.rung);
  const [before, after] = [item.cells[at - 1], item.cells[at + 1]].map((c) =>
    c ? heightOf(item, c.rung) : null,
  );
  const half = (other: number) => (here + other) / 2;
  const own = item.own === null ? null : heightOf(item, item.own);
  return (
    <svg
      aria-hidden="true"
      width={WIDTH}
      height={HEIGHT}
      viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
      className="block w-full"
      preserveAspectRatio="none"
    >
      <g fill="none" stroke="var(--color-ink)" strokeWidth="1.6">
        {before !== undefined && before !== null && <path d={`M0 ${half(before)}L${WIDTH / 2} ${here}`} />}
        {after !== undefined && after !== null && (
          <path d={`M${WIDTH / 2} ${here}L${WIDTH} ${half(after)}`} />
        )}
      </g>
      {own !== null && own !== here && (
        <circle
          cx={WIDTH / 2 + 26}
          cy={own}
          r="6"
          fill="var(--color-paper)"
          stroke="var(--color-ink)"
          strokeWidth="2"
        />
      )}
    </svg>
  );
}

const beadStyle = (item: ItemLine, rung: number) => ({
  top: heightOf(item, rung) - 11,
  left: '50%',
  marginLeft: -11,
  background: `var(--color-${item.purpose})`,
});
const BEAD = 'absolute size-[22px] rounded-full';

function Bead({ item, rung, words }: { item: ItemLine; rung: number; words: string }) {
  return (
    <span
      role="img"
      aria-label={words}
      className={`${BEAD} border-2 border-paper`}
      style={beadStyle(item, rung)}
    />
  );
}

type MovableProps = Omit<Props, keyof CellPlace> & { place: CellPlace; id: string };

/** A bead of a class to come: dragged, moved with the arrow keys, or opened. */
function MovableBead({ place, id, column, carry, onChange }: MovableProps) {
  const { item, at } = place;
  const cell = item.cells[at]!;
  const [open, setOpen] = useState(false);
  const { setNodeRef, listeners, transform, isDragging } = useDraggable({ id, data: place });
  const onKeyDown = (e: KeyboardEvent) => {
    const by = e.key === 'ArrowUp' ? 1 : e.key === 'ArrowDown' ? -1 : 0;
    const rung = cell.rung + by;
    if (by === 0 || rung < 0 || rung >= item.rungs.length) return;
    e.preventDefault();
    onChange({ rung }, carry);
  };
  return (
    <Popover.Root open={open} onOpenChange={setOpen}>
      <Popover.Trigger asChild>
        <button
          ref={setNodeRef}
          type="button"
          aria-label={wordsOf(item, at, column)}
          className={`${BEAD} touch-none cursor-grab border-2 border-ink after:absolute after:-inset-3 ${isDragging ? 'z-30 cursor-grabbing ring-4 ring-line' : ''}`}
          style={{
            ...beadStyle(item, cell.rung),
            transform: transform ? `translate(${transform.x}px, ${transform.y}px)` : undefined,
          }}
          {...listeners}
          onKeyDown={onKeyDown}
        />
      </Popover.Trigger>
      <Popover.Portal>
        <Popover.Content
          align="center"
          collisionPadding={12}
          // A message that goes gives the focus back to where it was before: that closes nothing.
          onFocusOutside={(e) => e.preventDefault()}
          className="z-40 w-96 max-w-[94vw] rounded-2xl border-2 border-ink bg-paper p-4 shadow-lg"
        >
          <CellEditor
            item={item}
            cell={cell}
            column={column}
            carry={carry}
            onSave={(edit, on) => {
              setOpen(false);
              onChange(edit, on);
            }}
          />
        </Popover.Content>
      </Popover.Portal>
    </Popover.Root>
  );
}

const wordsOf = (item: ItemLine, at: number, { week, day }: ColumnHead): string => {
  const { rung, dose } = item.cells[at]!;
  return `${item.name}, week ${week}, ${day}: rung ${rung + 1} of ${item.rungs.length}, ${doseWords(dose)}`;
};
