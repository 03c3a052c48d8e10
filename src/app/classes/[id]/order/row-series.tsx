import { placedRows, type MovementRow, type Plan } from '@/core/plan';
import { countsOn } from '@/core/teach';
import { CheckBox } from '@/ui/form/check-box';
import type { OrderEditor } from '../use-plan';

type Props = { row: MovementRow; plan: Plan; title: string; editor: OrderEditor };

/** One count through two rows and more; offered where both are plain repetitions. */
export function RowSeries({ row, plan, title, editor }: Props) {
  const rows = placedRows(plan).map((p) => p.row);
  const before = rows[rows.findIndex((r) => r.id === row.id) - 1];
  const fits = before?.kind === 'movement' && countsOn(before.dose) && countsOn(row.dose);
  if (!fits && !row.continuesPrevious) return null;
  return (
    <CheckBox
      label={
        fits
          ? 'The count goes on from the row before'
          : 'Set to go on from the row before, which no longer fits'
      }
      on={row.continuesPrevious === true}
      onChange={(on) =>
        editor.edit(
          { type: 'setSeries', rowId: row.id, continuesPrevious: on || null },
          `One count into ${title}`,
        )
      }
      className="self-end"
    />
  );
}
