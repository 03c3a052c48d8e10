'use client';

import { useFormContext, useWatch } from 'react-hook-form';
import {
  EFFORT_KINDS,
  HANDS,
  HELPS,
  JOINTS,
  LOAD_SET_UPS,
  POSITIONS,
  PURPOSES,
  SECTION_KINDS,
  TRAITS,
  type OwnMovementInput,
} from '@/core/catalogue';
import { SECTION_NAMES } from '@/core/plan';
import { useCatalogue } from '@/ui/catalogue';
import { asNumber } from '@/ui/form/as-number';
import { Field, inputClass } from '@/ui/form/field';
import { PURPOSE_WORDS } from '@/ui/verdict-signs';
import { POSITION_WORDS } from '@/ui/words/position-words';

type Name =
  | 'movement.purpose'
  | 'movement.section'
  | 'movement.effort'
  | 'movement.loadSetUp'
  | 'movement.hands'
  | 'movement.help';

const HANDS_WORDS = {
  apart: 'each by itself',
  helped: 'one works, the other helps',
  joined: 'both at one thing',
  sharing: 'both under one weight',
} as const;
const HELP_WORDS = {
  draws: 'draws or holds it',
  resists: 'pushes against it',
  strokes: 'strokes it',
  steadies: 'steadies it',
} as const;

/** What kind of work it is: this is what cautions, order and load are judged by. */
export function WorkFields() {
  const { register } = useFormContext<OwnMovementInput>();
  const { props } = useCatalogue();
  const effort = useWatch<OwnMovementInput, 'movement.effort'>({ name: 'movement.effort' });
  const hands = useWatch<OwnMovementInput, 'movement.hands'>({ name: 'movement.hands' });
  return (
    <section aria-label="What kind of work" className="grid gap-4">
      <h2 className="text-xl">What kind of work</h2>
      <div className="flex flex-wrap gap-4">
        <Choose
          name="movement.purpose"
          label="Purpose"
          choices={PURPOSES.map((p) => [p, PURPOSE_WORDS[p]])}
        />
        <Choose
          name="movement.section"
          label="Section"
          choices={SECTION_KINDS.map((s) => [s, SECTION_NAMES[s]])}
        />
        <Choose name="movement.effort" label="Kind" choices={EFFORT_KINDS.map((e) => [e, e])} />
        {effort === 'load' && (
          <Choose name="movement.loadSetUp" label="Set-up" choices={LOAD_SET_UPS.map((s) => [s, s])} />
        )}
        <Choose name="movement.hands" label="The two hands" choices={HANDS.map((h) => [h, HANDS_WORDS[h]])} />
        {hands === 'helped' && (
          <Choose
            name="movement.help"
            label="The other hand"
            choices={HELPS.map((h) => [h, HELP_WORDS[h]])}
          />
        )}
        {hands !== 'apart' && (
          <Field
            label="With one hand alone"
            hint="Empty: there is no good way, and it is left out"
            className="w-80"
          >
            {(field) => (
              <input
                {...field}
                className={inputClass}
                {...register('movement.oneHanded', { setValueAs: (v: string | null) => v?.trim() || null })}
              />
            )}
          </Field>
        )}
        <Field label="Effort of 10" className="w-32">
          {(field) => (
            <input
              {...field}
              type="number"
              min={0}
              max={10}
              className={inputClass}
              {...register('movement.effortOf10', asNumber)}
            />
          )}
        </Field>
        <Field label="Prop" className="w-60">
          {(field) => (
            <select
              {...field}
              className={inputClass}
              {...register('movement.propId', { setValueAs: (v: string | null) => v || null })}
            >
              <option value="">none</option>
              {props.map((p) => (
                <option key={p.id} value={p.id}>
                  {p.name}
                </option>
              ))}
            </select>
          )}
        </Field>
      </div>
      <Ticks name="movement.joints" legend="Moves the" choices={JOINTS.map((j) => [j, j])} />
      <Ticks name="movement.positions" legend="Done" choices={POSITIONS.map((p) => [p, POSITION_WORDS[p]])} />
      <details>
        <summary className="min-h-11 content-center font-semibold">What cautions should know</summary>
        <p className="mb-2 text-sm text-soft">
          Tick all that is true of it. The caution table speaks of these, never of a movement’s name.
        </p>
        <Ticks name="movement.traits" legend="It has" choices={TRAITS.map((t) => [t, t])} />
      </details>
    </section>
  );
}

function Choose({
  name,
  label,
  choices,
}: {
  name: Name;
  label: string;
  choices: readonly (readonly [string, string])[];
}) {
  const { register } = useFormContext<OwnMovementInput>();
  return (
    <Field label={label} className="w-44">
      {(field) => (
        <select {...field} className={inputClass} {...register(name)}>
          {choices.map(([id, words]) => (
            <option key={id} value={id}>
              {words}
            </option>
          ))}
        </select>
      )}
    </Field>
  );
}

function Ticks({
  name,
  legend,
  choices,
}: {
  name: 'movement.joints' | 'movement.positions' | 'movement.traits';
  legend: string;
  choices: readonly (readonly [string, string])[];
}) {
  const { register } = useFormContext<OwnMovementInput>();
  return (
    <fieldset className="flex flex-wrap gap-x-6">
      <legend className="font-semibold">{legend}</legend>
      {choices.map(([id, words]) => (
        <label key={id} className="flex min-h-11 items-center gap-2">
          <input type="checkbox" value={id} className="size-6 accent-ink" {...register(name)} />
          {words}
        </label>
      ))}
    </fieldset>
  );
}
