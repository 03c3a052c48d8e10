'use client';

import { useState } from 'react';
import { Word } from '@/ui/page/word';
import { useFieldArray, useFormContext, useWatch } from 'react-hook-form';
import type { Hand } from '@/core/dose';
import { HAND_SPOTS } from '@/core/hand';
import { CONDITION_STATES, type PersonCondition, type PersonFields } from '@/core/people';
import { CONDITIONS, RECORDED } from '@/catalogue/conditions';
import { Button } from '@/ui/form/button';
import { Field, inputClass } from '@/ui/form/field';
import { HandRecord } from './hand-record';

const STATE_WORDS = {
  settled: 'settled',
  sore: 'sore today',
  flare: 'in flare',
  'not cleared': 'not cleared',
} as const;

const FRESH: PersonCondition = {
  conditionId: '',
  side: 'R',
  state: 'settled',
  since: null,
  spots: [],
};

/** The hands drawn with what is wrong where, then each condition with side and state. */
export function ConditionFields() {
  const { control } = useFormContext<PersonFields>();
  const { fields, append, remove, update } = useFieldArray({ control, name: 'conditions' });
  const { getValues } = useFormContext<PersonFields>();
  /** A place joins the newest condition of that hand that has places; else it starts one. */
  const addAt = (hand: Hand, spotId: string) => {
    const all = getValues('conditions');
    const at = all.findLastIndex((c) => (c.side === hand || c.side === 'both') && c.spots.length > 0);
    const there = all[at];
    if (!there) append({ ...FRESH, side: hand, spots: [spotId] });
    else if (there.spots.includes(spotId))
      update(at, { ...there, spots: there.spots.filter((s) => s !== spotId) });
    else update(at, { ...there, spots: [...there.spots, spotId] });
  };
  return (
    <fieldset className="rounded-2xl border-2 border-line p-4">
      <legend className="px-2 text-lg font-bold">Hands and health</legend>
      <HandRecord onAdd={addAt} />
      {fields.length === 0 && <p className="mb-3 text-soft">Nothing recorded.</p>}
      <ul className="grid gap-4">
        {fields.map((field, i) => (
          <ConditionField key={field.id} index={i} onRemove={() => remove(i)} />
        ))}
      </ul>
      <div className="mt-3 flex flex-wrap items-center gap-x-6 gap-y-2">
        <Button onClick={() => append(FRESH)}>Add a condition</Button>
        {fields.length > 0 && (
          <p className="text-soft">
            What is meant by <Word of="state">settled, sore, flare and not cleared</Word>
          </p>
        )}
      </div>
    </fieldset>
  );
}

function ConditionField({ index, onRemove }: { index: number; onRemove: () => void }) {
  const { register, control, formState } = useFormContext<PersonFields>();
  const conditionId = useWatch({ control, name: `conditions.${index}.conditionId` });
  const known = CONDITIONS.find((c) => c.id === conditionId);
  const spots = useWatch({ control, name: `conditions.${index}.spots` });
  const state = useWatch({ control, name: `conditions.${index}.state` });
  const settledOn = useWatch({ control, name: `conditions.${index}.settledOn` });
  const [wasFlare] = useState(state === 'flare');
  const error = formState.errors.conditions?.[index];
  const name = (part: 'conditionId' | 'side' | 'state' | 'since' | 'settledOn') =>
    `conditions.${index}.${part}` as const;
  return (
    <li className="grid grid-cols-1 items-start gap-3 border-b pb-4 sm:grid-cols-[3fr_1.5fr_1.5fr_1.7fr_auto]">
      <Field
        label="Condition"
        {...(known ? { hint: known.definition } : {})}
        error={error?.conditionId?.message}
      >
        {(field) => (
          <select {...field} className={inputClass} {...register(name('conditionId'))}>
            <option value="">Choose a condition</option>
            {RECORDED.map((c) => (
              <option key={c.id} value={c.id}>
                {c.name}
              </option>
            ))}
          </select>
        )}
      </Field>
      <Field label="Hand" error={error?.side?.message}>
        {(field) =>
          known && !known.sided ? (
            <p id={field.id} className="flex min-h-11 items-center text-soft">
              whole person
            </p>
          ) : (
            <select {...field} className={inputClass} {...register(name('side'))}>
              <option value="L">left</option>
              <option value="R">right</option>
              <option value="both">both</option>
            </select>
          )
        }
      </Field>
      <Field label="Now" error={error?.state?.message}>
        {(field) => (
          <select {...field} className={inputClass} {...register(name('state'))}>
            {CONDITION_STATES.map((state) => (
              <option key={state} value={state}>
                {STATE_WORDS[state]}
              </option>
            ))}
          </select>
        )}
      </Field>
      <Field label="Since" error={error?.since?.message}>
        {(field) => (
          <input
            {...field}
            type="date"
            className={inputClass}
            {...register(name('since'), { setValueAs: (v: string | null) => v || null })}
          />
        )}
      </Field>
      <Button
        look="quiet"
        className="mt-7"
        onClick={onRemove}
        aria-label={`Remove ${known?.name ?? 'condition'}`}
      >
        Remove
      </Button>
      {state !== 'flare' && (wasFlare || settledOn) && (
        <Field
          label="Flare settled on"
          hint="For 48 hours more it is treated as a flare; empty is today"
          error={error?.settledOn?.message}
          className="sm:col-span-5 sm:max-w-sm"
        >
          {(field) => (
            <input
              {...field}
              type="date"
              className={inputClass}
              {...register(name('settledOn'), { setValueAs: (v: string | null) => v || null })}
            />
          )}
        </Field>
      )}
      {spots.length > 0 && (
        <p className="text-sm text-soft sm:col-span-5">
          Where: {spots.map((id) => HAND_SPOTS.find((s) => s.id === id)?.name ?? id).join(', ')}
        </p>
      )}
    </li>
  );
}
