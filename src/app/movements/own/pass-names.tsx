'use client';

import { MAX_PASSES, type Pass } from '@/core/dose';
import { Button } from '@/ui/form/button';
import { inputClass } from '@/ui/form/field';

const DIFFERS = {
  position: 'hand position',
  direction: 'runs backwards',
  hands: 'hands change places or jobs',
} as const;
type Differs = keyof typeof DIFFERS;

type Props = { passes: readonly Pass[]; onChange: (passes: readonly Pass[]) => void };

/** The ways an own movement can be done, by name. */
export function PassNames({ passes, onChange }: Props) {
  const set = (i: number, pass: Pass) => onChange(passes.map((p, at) => (at === i ? pass : p)));
  return (
    <fieldset className="grid max-w-4xl gap-2">
      <legend className="font-semibold">Passes</legend>
      <p className="text-sm text-soft">
        The ways it is done one after another: palm down and palm up, one way and the other. None where there
        is only one.
      </p>
      {passes.map((pass, i) => (
        <div key={i} className="flex flex-wrap gap-2">
          <input
            aria-label={`Pass ${i + 1}`}
            className={`${inputClass} min-w-60 flex-1`}
            maxLength={40}
            value={pass.name}
            onChange={(e) => set(i, { ...pass, name: e.target.value })}
          />
          <select
            aria-label={`How pass ${i + 1} differs`}
            className={`${inputClass} max-w-64`}
            value={differs(pass)}
            onChange={(e) => set(i, differing(pass.name, e.target.value as Differs))}
          >
            {Object.entries(DIFFERS).map(([key, words]) => (
              <option key={key} value={key}>
                {words}
              </option>
            ))}
          </select>
          <Button
            look="quiet"
            aria-label={`Remove pass ${i + 1}`}
            onClick={() => onChange(passes.filter((_, at) => at !== i))}
          >
            Remove
          </Button>
        </div>
      ))}
      <Button
        className="justify-self-start"
        disabled={passes.length >= MAX_PASSES}
        onClick={() => onChange([...passes, { name: '' }])}
      >
        Add a pass
      </Button>
    </fieldset>
  );
}

const differs = (pass: Pass): Differs => (pass.swapped ? 'hands' : pass.reversed ? 'direction' : 'position');

const differing = (name: string, how: Differs): Pass => ({
  name,
  ...(how === 'direction' && { reversed: true as const }),
  ...(how === 'hands' && { swapped: true as const }),
});
