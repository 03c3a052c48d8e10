'use client';

import {
  DndContext,
  MouseSensor,
  TouchSensor,
  useSensor,
  useSensors,
  type DragEndEvent,
} from '@dnd-kit/core';
import { useRouter } from 'next/navigation';
import { useId, useState } from 'react';
import { toast } from 'sonner';
import { plural } from '@/core/words';
import type { ItemChanged } from '@/server/terms/terms';
import type { WeekLine } from '@/server/terms/term-view';
import { requestJson } from '@/ui/request-json';
import { Trouble } from '@/ui/form/field';
import { CheckBox } from '@/ui/form/check-box';
import type { ItemEdit, ItemLine } from './item-line';
import { ItemRow } from './item-row';
import { rungDragged, type CellPlace } from './rung-cell';
import { WeekHeads, type ColumnHead } from './week-heads';

type Props = {
  termId: string;
  columns: readonly ColumnHead[];
  weeks: readonly WeekLine[];
  items: readonly ItemLine[];
  /** Whose own rungs are drawn too. */
  person: string | null;
};

/** Every movement as a cord through the weeks; its beads are dragged up and down their ladder, or on along the weeks. */
export function TermDesk({ termId, columns, weeks, items, person }: Props) {
  const router = useRouter();
  const dndId = useId();
  const [carry, setCarry] = useState(true);
  const [trouble, setTrouble] = useState<string | null>(null);
  const sensors = useSensors(
    useSensor(MouseSensor, { activationConstraint: { distance: 6 } }),
    useSensor(TouchSensor, { activationConstraint: { delay: 180, tolerance: 8 } }),
  );

  const change = async (item: ItemLine, from: number, until: number, edit: ItemEdit) => {
    const result = await requestJson<ItemChanged>('POST', `/api/terms/${termId}/items`, {
      movementId: item.movementId,
      nth: item.nth,
      classId: columns[from]!.id,
      untilClassId: columns[until]!.id,
      ...edit,
    });
    setTrouble(result.ok ? null : result.message);
    if (!result.ok) return;
    const { changed } = result.value;
    const words = `${item.name}: ${plural(changed.length, 'class', 'classes')} changed`;
    if (changed.length > 0)
      toast(words, { action: { label: 'Undo', onClick: () => void takeBack(changed) }, duration: 10_000 });
    router.refresh();
  };
  const takeBack = async (changed: ItemChanged['changed']) => {
    const results = await Promise.all(
      changed.map(({ classId, version }) =>
        requestJson('POST', `/api/classes/${classId}/plan`, { type: 'undo', version }),
      ),
    );
    const failed = results.find((r) => !r.ok);
    setTrouble(failed && !failed.ok ? failed.message : null);
    router.refresh();
  };
  const last = columns.length - 1;
  const drop = ({ active, over, delta }: DragEndEvent) => {
    const from = active.data.current as CellPlace;
    const to = over?.data.current as CellPlace | undefined;
    const cell = from.item.cells[from.at];
    if (!cell) return;
    const rung = rungDragged(from.item, cell.rung, delta.y);
    const along = to?.item === from.item && to.at > from.at ? to.at : null;
    if (rung === cell.rung && along === null) return;
    void change(from.item, from.at, along ?? (carry ? last : from.at), { rung });
  };

  return (
    <section aria-label="Movements through the weeks">
      <div className="flex flex-wrap items-center gap-x-8">
        <p className="flex-1 text-soft">
          A bead stands as high as its rung. Drag it up or down, or on along the weeks; or open it.
          {person && ` The empty bead is where ${person} stands.`}
        </p>
        <CheckBox label="Carry changes on to the later weeks" on={carry} onChange={setCarry} />
      </div>
      <Trouble message={trouble} />
      <DndContext id={dndId} sensors={sensors} onDragEnd={drop}>
        <div
          className="max-h-[74vh] overflow-auto rounded-2xl border-2 bg-paper"
          tabIndex={0}
          role="region"
          aria-label="Weeks side by side"
        >
          <table className="border-collapse text-left">
            <WeekHeads columns={columns} weeks={weeks} />
            <tbody>
              {items.map((item) => (
                <ItemRow
                  key={`${item.movementId} ${item.nth}`}
                  item={item}
                  columns={columns}
                  onChange={(at, edit, on) => change(item, at, on ? last : at, edit)}
                  carry={carry}
                />
              ))}
            </tbody>
          </table>
        </div>
      </DndContext>
    </section>
  );
}
