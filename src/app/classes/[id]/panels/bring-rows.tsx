'use client';

import { useState } from 'react';
import type { Catalogue } from '@/core/catalogue';
import { insertRows, placedRows, rowTitle, type Plan } from '@/core/plan';
import { plural } from '@/core/words';
import { Button } from '@/ui/form/button';
import { toggled } from '@/ui/form/toggled';
import { SelectField } from '@/ui/form/select-field';
import type { PlanEditor } from '../use-plan';

type Props = { from: Plan; editor: PlanEditor; catalogue: Catalogue };

/** Rows of another class, to be put into a section of this one with their doses and rungs. */
export function BringRows({ from, editor, catalogue }: Props) {
  const { plan } = editor;
  const rows = placedRows(from).filter(
    ({ row }) => row.kind !== 'movement' || catalogue.movement(row.movementId),
  );
  const [chosen, setChosen] = useState<ReadonlySet<string>>(new Set());
  const [sectionId, setSectionId] = useState(plan.sections[0]?.id ?? '');
  const section = plan.sections.find((s) => s.id === sectionId);
  const bring = () => {
    if (!section) return;
    const picked = rows.flatMap(({ row }) => (chosen.has(row.id) ? [row] : []));
    const step = insertRows(plan, section.id, section.rows.length, picked);
    if (step) editor.edit(step, `Bring in ${plural(picked.length, 'row')}`);
    setChosen(new Set());
  };
  return (
    <fieldset className="max-w-4xl rounded-2xl border-2 border-line bg-paper p-4">
      <legend className="px-2 font-semibold">Rows to bring</legend>
      <ul className="grid gap-x-8 @2xl:grid-cols-2">
        {rows.map(({ row, section: at }) => (
          <li key={row.id}>
            <label className="flex min-h-11 items-center gap-2">
              <input
                type="checkbox"
                className="size-5 accent-ink"
                checked={chosen.has(row.id)}
                onChange={() => setChosen(toggled(chosen, row.id))}
              />
              <span>
                {rowTitle(row, catalogue)} <span className="text-sm text-soft">{at.name.toLowerCase()}</span>
              </span>
            </label>
          </li>
        ))}
      </ul>
      <div className="mt-3 flex flex-wrap items-end gap-4">
        <SelectField
          label="Into the section"
          value={sectionId}
          choices={plan.sections.map((s) => [s.id, s.name])}
          onChange={setSectionId}
        />
        <Button onClick={bring} disabled={chosen.size === 0 || chosen.size > 40}>
          Bring in {plural(chosen.size, 'row')}
        </Button>
        {chosen.size > 40 && <p>At most 40 rows at a time.</p>}
      </div>
    </fieldset>
  );
}
