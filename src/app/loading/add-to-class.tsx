'use client';

import { Link } from '@/ui/page/link';
import { useState } from 'react';
import type { LoadSetUp } from '@/core/catalogue';
import { insertRows, type MovementRow, type Plan, type Row } from '@/core/plan';
import { loadSettingWords, type LoadSetting } from '@/core/stance';
import { Button } from '@/ui/form/button';
import { requestJson } from '@/ui/request-json';
import { useUnits } from '@/ui/units';
import { useCatalogue } from '@/ui/catalogue';
import { Trouble } from '@/ui/form/field';
import { SelectField } from '@/ui/form/select-field';
import { SET_UP_MOVEMENT } from './set-up-words';

export type ClassChoice = { readonly id: string; readonly name: string };

type Props = {
  setUp: LoadSetUp;
  /** How it was set here; undefined for the usual set-up. */
  press: LoadSetting | undefined;
  classes: readonly ClassChoice[];
};

/** The loading row with the counter-stretch and the shake that belong after it. */
const AFTER = ['backs-together', 'wrist-shake'];

/** Puts a set-up into a class; its verdicts per person come with the row. */
export function AddToClass({ setUp, press, classes }: Props) {
  const catalogue = useCatalogue();
  const units = useUnits();
  const [classId, setClassId] = useState(classes[0]?.id ?? '');
  const [trouble, setTrouble] = useState<string | null>(null);
  const [added, setAdded] = useState<string | null>(null);
  const chosen = classes.find((c) => c.id === classId);
  const movement = catalogue.movement(SET_UP_MOVEMENT[setUp]);
  if (!movement) return null;

  const add = async () => {
    setTrouble(null);
    const stored = await requestJson<{ plan: Plan; version: number }>('GET', `/api/classes/${classId}/plan`);
    if (!stored.ok) return setTrouble(stored.message);
    const { plan, version } = stored.value;
    const section = plan.sections.find((s) => s.kind === 'load') ?? plan.sections.at(-1)!;
    const rows = [movement.id, ...AFTER].flatMap((id): Row[] => {
      const m = catalogue.movement(id);
      const row: MovementRow | null = m
        ? { kind: 'movement', id: `load-${id}`, movementId: id, dose: m.dose, note: '' }
        : null;
      return row ? [id === movement.id && press ? { ...row, press } : row] : [];
    });
    const step = insertRows(plan, section.id, section.rows.length, rows);
    const label = `Add ${movement.name}`;
    const result = await requestJson('POST', `/api/classes/${classId}/plan`, {
      type: 'edit',
      version,
      step,
      label,
    });
    if (!result.ok) return setTrouble(result.message);
    const how = press ? ` (${loadSettingWords(press, units)})` : '';
    setAdded(`${movement.name}${how} is in ${chosen?.name}, with its counter-stretch and a shake.`);
  };

  return (
    <section aria-label="Add to a class">
      <h2 className="text-lg">Add to a class</h2>
      {classes.length === 0 ? (
        <p>No class is being planned.</p>
      ) : (
        <div className="mt-2 flex flex-wrap items-end gap-4">
          <SelectField
            label="Class"
            value={classId}
            choices={classes.map((c) => [c.id, c.name])}
            onChange={setClassId}
          />
          <Button onClick={add}>Add {movement.name.toLowerCase()}</Button>
        </div>
      )}
      <p role="status" className="mt-2">
        {added}{' '}
        {added && (
          <Link className="underline underline-offset-4" href={`/classes/${classId}`}>
            See its plan
          </Link>
        )}
      </p>
      <Trouble message={trouble} />
    </section>
  );
}
