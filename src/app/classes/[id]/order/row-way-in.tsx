import { WAYS_IN, wayInSchema, type MovementRow } from '@/core/plan';
import { NumberField } from '@/ui/form/dose/number-field';
import { SelectField } from '@/ui/form/select-field';
import type { OrderEditor } from '../use-plan';
import { wayInChoices } from '../way-in-choices';

type Props = { row: MovementRow; title: string; editor: OrderEditor };

/** Explaining and showing before the count: as the class usually does, or this row's own. */
export function RowWayIn({ row, title, editor }: Props) {
  if (row.continuesPrevious) return null;
  const { wayInMs } = row;
  const isOwn = wayInMs !== undefined && !WAYS_IN.some(([, ms]) => ms === wayInMs);
  const set = (ms: number | null) => {
    if (ms !== null && !wayInSchema.safeParse(ms).success) return;
    editor.edit({ type: 'setWayIn', rowId: row.id, wayInMs: ms }, `Way into ${title}`);
  };
  return (
    <div className="flex flex-wrap items-end gap-3">
      <SelectField
        label="Way in"
        className="w-64 max-w-full"
        value={wayInMs === undefined ? 'usual' : isOwn ? 'own' : String(wayInMs)}
        choices={[['usual', 'As usual in this class'], ...wayInChoices(), ['own', 'Own seconds']]}
        onChange={(value) => set(value === 'usual' ? null : value === 'own' ? OWN_MS : Number(value))}
      />
      {isOwn && (
        <NumberField
          label="Seconds before the count"
          value={wayInMs / 1000}
          min={0}
          max={300}
          onChange={(s) => set(Math.round(s * 1000))}
        />
      )}
    </div>
  );
}

/** Where one's own seconds begin, ms: about the middle of what classes take. */
const OWN_MS = 20_000;
