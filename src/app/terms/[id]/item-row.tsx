import { Link } from '@/ui/page/link';
import { memo } from 'react';
import type { ItemEdit, ItemLine } from './item-line';
import { RungCell } from './rung-cell';
import type { ColumnHead } from './week-heads';

type Props = {
  item: ItemLine;
  columns: readonly ColumnHead[];
  carry: boolean;
  onChange: (at: number, edit: ItemEdit, carry: boolean) => void;
};

/** A movement through the weeks: its name and a bead for each class. */
export const ItemRow = memo(function ItemRow({ item, columns, carry, onChange }: Props) {
  return (
    <tr className="border-b">
      <th scope="row" className="sticky left-0 z-10 min-w-60 bg-paper px-3 font-semibold">
        <Link
          href={`/movements/${item.movementId}`}
          className="inline-flex min-h-11 items-center hover:underline"
        >
          {item.name}
        </Link>
      </th>
      {columns.map((column, at) => (
        <RungCell
          key={column.id}
          item={item}
          at={at}
          column={column}
          carry={carry}
          onChange={(edit, on) => onChange(at, edit, on)}
        />
      ))}
    </tr>
  );
});
