'use client';

import { useState } from 'react';
import { toast } from 'sonner';
import { asBefore, isAsUsual } from '@/core/teach';
import { plural } from '@/core/words';
import { Button } from '@/ui/form/button';
import { inputClass } from '@/ui/form/field';
import type { PeopleProps } from './scores';

/** Usual after a class that went well, of 10. */
const USUAL_EFFORT = 3;
const EFFORTS = Array.from({ length: 11 }, (_, n) => n);

/** Those of whom nothing was said, in one press: pain as before, and one effort. Whoever was marked is asked by name. */
export function EveryoneElse({ form }: Pick<PeopleProps, 'form'>) {
  const [effort, setEffort] = useState(USUAL_EFFORT);
  const people = form.watch('people');
  const others = people.filter(isAsUsual).length;
  if (others === 0) return null;
  const say = () => {
    const before = structuredClone(form.getValues('people'));
    before.forEach((line, i) => {
      if (isAsUsual(line))
        form.setValue(`people.${i}`, asBefore(line, effort), { shouldDirty: true, shouldTouch: true });
    });
    toast(`${plural(others, 'person', 'people')}: pain as before, effort ${effort}`, {
      action: { label: 'Undo', onClick: () => form.setValue('people', before, { shouldDirty: true }) },
    });
  };
  return (
    <div className="flex flex-wrap items-center gap-3">
      <span>
        {others === people.length
          ? 'Everyone'
          : `Everyone else, ${plural(others, 'person', 'people')} with nothing said or marked`}
        : pain as before, effort
      </span>
      <select
        aria-label="Effort of everyone else"
        className={`${inputClass} max-w-20`}
        value={effort}
        onChange={(e) => setEffort(Number(e.target.value))}
      >
        {EFFORTS.map((n) => (
          <option key={n}>{n}</option>
        ))}
      </select>
      <Button onClick={say}>Enter it</Button>
    </div>
  );
}
