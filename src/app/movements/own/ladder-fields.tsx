'use client';

import { useFieldArray, useFormContext } from 'react-hook-form';
import { RUNG_CHANGES, type OwnMovementInput } from '@/core/catalogue';
import { Button } from '@/ui/form/button';
import { inputClass } from '@/ui/form/field';
import { CHANGE_WORDS } from '../words';

/** The ladder: easier rungs above the usual form on the page, stronger ones below it. */
export function LadderFields() {
  const { register, control } = useFormContext<OwnMovementInput>();
  const { fields, insert, remove } = useFieldArray({ control, name: 'movement.rungs' });
  const usual = fields.findIndex((f) => f.changes === null);
  const fresh = { changes: 'range' as const, words: '' };
  return (
    <section aria-label="Rungs" className="grid max-w-4xl gap-2">
      <h2 className="text-xl">Rungs, gentlest first</h2>
      <p className="text-sm text-soft">Each changes one thing. At least one is easier than the usual form.</p>
      <Button className="justify-self-start" disabled={fields.length >= 8} onClick={() => insert(0, fresh)}>
        Add an easier rung
      </Button>
      {fields.map((rung, i) =>
        i === usual ? (
          <p key={rung.id} className="rounded-lg bg-paper px-4 py-2 font-bold">
            The usual form, as described
          </p>
        ) : (
          <div key={rung.id} className="flex flex-wrap gap-2">
            <select
              aria-label={`Rung ${i + 1} changes`}
              className={`${inputClass} max-w-52`}
              {...register(`movement.rungs.${i}.changes`)}
            >
              {RUNG_CHANGES.map((c) => (
                <option key={c} value={c}>
                  {CHANGE_WORDS[c]}
                </option>
              ))}
            </select>
            <input
              aria-label={`Rung ${i + 1} in words`}
              className={`${inputClass} min-w-60 flex-1`}
              {...register(`movement.rungs.${i}.words`)}
            />
            <Button look="quiet" aria-label={`Remove rung ${i + 1}`} onClick={() => remove(i)}>
              Remove
            </Button>
          </div>
        ),
      )}
      <Button
        className="justify-self-start"
        disabled={fields.length >= 8}
        onClick={() => insert(fields.length, fresh)}
      >
        Add a stronger rung
      </Button>
    </section>
  );
}
