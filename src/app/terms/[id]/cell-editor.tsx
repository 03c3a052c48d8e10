import { useState } from 'react';
import { primaryCount, withBeads } from '@/core/dose';
import { capital } from '@/core/words';
import { Button } from '@/ui/form/button';
import { NumberField } from '@/ui/form/dose/number-field';
import { SelectField } from '@/ui/form/select-field';
import { CheckBox } from '@/ui/form/check-box';
import type { ItemCell, ItemEdit, ItemLine } from './item-line';
import type { ColumnHead } from './week-heads';

type Props = {
  item: ItemLine;
  cell: ItemCell;
  column: ColumnHead;
  carry: boolean;
  onSave: (edit: ItemEdit, carry: boolean) => void;
};

/** Rung, count and sets of a movement in one class, carried on or not. */
export function CellEditor({ item, cell, column, carry, onSave }: Props) {
  const [rung, setRung] = useState(cell.rung);
  const [dose, setDose] = useState(cell.dose);
  const [on, setOn] = useState(carry);
  const save = () =>
    onSave({ ...(rung === cell.rung ? {} : { rung }), ...(dose === cell.dose ? {} : { dose }) }, on);
  const isSame = rung === cell.rung && dose === cell.dose;
  return (
    <div className="grid gap-3">
      <h3 className="text-lg">
        {item.name}, week {column.week}
      </h3>
      <SelectField
        label="Rung"
        value={String(rung)}
        choices={item.rungs.map((words, i) => [String(i), `${i + 1}. ${capital(words)}`] as const)}
        onChange={(value) => setRung(Number(value))}
        className="w-full"
      />
      <div className="flex flex-wrap gap-3">
        {dose.count.mode !== 'time' && (
          <NumberField
            label="Count"
            value={primaryCount(dose.count)}
            min={1}
            max={40}
            onChange={(n) => setDose(withBeads(dose, n - primaryCount(dose.count)) ?? dose)}
          />
        )}
        <NumberField
          label="Sets"
          value={dose.sets}
          min={1}
          max={6}
          onChange={(sets) => setDose({ ...dose, sets })}
        />
      </div>
      <CheckBox label="Carry on through the later weeks" on={on} onChange={setOn} />
      <Button look="main" disabled={isSame} onClick={save}>
        Change it
      </Button>
    </div>
  );
}
