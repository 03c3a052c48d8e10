'use client';

import { useFormContext } from 'react-hook-form';
import { POSITIONS } from '@/core/catalogue';
import type { PersonFields } from '@/core/people';
import { useCatalogue } from '@/ui/catalogue';
import { POSITION_WORDS } from '@/ui/words/position-words';

/** Where they are comfortable, and what they do not use. */
export function ComfortFields() {
  const { register, formState } = useFormContext<PersonFields>();
  return (
    <>
      <fieldset className="flex flex-wrap gap-x-6">
        <legend className="font-semibold">Comfortable</legend>
        {POSITIONS.map((p) => (
          <label key={p} className="flex min-h-11 items-center gap-2">
            <input type="checkbox" value={p} className="size-6 accent-ink" {...register('positions')} />
            {p === 'standing' ? 'standing with support' : POSITION_WORDS[p]}
          </label>
        ))}
        {formState.errors.positions && (
          <p role="alert" className="w-full font-semibold text-load">
            {formState.errors.positions.message}
          </p>
        )}
      </fieldset>
      <PropTicks name="propsOut" legend="Props they do not use" />
      <PropTicks name="propsHome" legend="Props they have at home, or something in their place" />
    </>
  );
}

function PropTicks({ name, legend }: { name: 'propsOut' | 'propsHome'; legend: string }) {
  const { register } = useFormContext<PersonFields>();
  const { props } = useCatalogue();
  return (
    <details>
      <summary className="min-h-11 content-center font-semibold">{legend}</summary>
      <div className="grid grid-cols-[repeat(auto-fill,minmax(13rem,1fr))] gap-x-6">
        {props.map((p) => (
          <label key={p.id} className="flex min-h-11 items-center gap-2">
            <input type="checkbox" value={p.id} className="size-6 accent-ink" {...register(name)} />
            {p.name}
            {name === 'propsHome' && <span className="text-sm text-soft">({p.substitute})</span>}
          </label>
        ))}
      </div>
    </details>
  );
}
