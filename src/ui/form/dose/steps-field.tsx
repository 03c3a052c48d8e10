'use client';

import { useState } from 'react';
import { FINGERS } from '@/core/dose';
import { Field, inputClass } from '@/ui/form/field';

/** The steps of a sequence with commas between; two to sixteen, each short. */
export function StepsField({
  steps,
  onChange,
}: {
  steps: readonly string[];
  onChange: (steps: string[]) => void;
}) {
  const [draft, setDraft] = useState(steps.join(', '));
  const parts = draft
    .split(',')
    .map((s) => s.trim())
    .filter(Boolean);
  const twice = FINGERS.find((f) => parts.filter((p) => p === f).length > 1);
  const error =
    parts.length < 2
      ? 'A sequence needs two steps or more'
      : parts.length > 16
        ? 'At most 16 steps'
        : parts.some((p) => p.length > 24)
          ? 'Keep each step under 24 letters'
          : twice
            ? `The ${twice} is named twice; it can have more in each round instead, below`
            : undefined;
  const commit = () => {
    if (!error && parts.join('|') !== steps.join('|')) onChange(parts);
  };
  return (
    <Field label="Steps, in order" error={error} className="w-96 max-w-full">
      {(field) => (
        <input
          {...field}
          className={inputClass}
          value={draft}
          onChange={(e) => setDraft(e.target.value)}
          onBlur={commit}
          onKeyDown={(e) => e.key === 'Enter' && commit()}
        />
      )}
    </Field>
  );
}
