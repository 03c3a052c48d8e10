import { usualRungOf, type Movement } from '@/core/catalogue';
import { rungOf, type MovementRow } from '@/core/plan';
import { capital } from '@/core/words';
import { SelectField } from '@/ui/form/select-field';
import type { OrderEditor } from '../use-plan';

type Props = { row: MovementRow; movement: Movement; title: string; editor: OrderEditor };

/** Where the class stands on this movement's ladder. */
export function RowRung({ row, movement, title, editor }: Props) {
  const usual = usualRungOf(movement.rungs);
  return (
    <SelectField
      label="Rung, gentlest first"
      className="w-80 max-w-full"
      value={String(rungOf(movement, row.rung))}
      choices={movement.rungs.map((r, i) => [
        String(i),
        `${i + 1}. ${i === usual ? 'The usual form' : capital(r.words)}`,
      ])}
      onChange={(value) =>
        editor.edit(
          { type: 'setRung', rowId: row.id, rung: Number(value) === usual ? null : Number(value) },
          `Rung of ${title}`,
        )
      }
    />
  );
}
