'use client';

import { useState } from 'react';
import { Field, inputClass } from '@/ui/form/field';

type Props = {
  label: string;
  hint?: string;
  most: number;
  needed?: string;
  value: string;
  onChange: (value: string) => void;
};

/** A line of text that is kept when the field is left. */
export function TextCommit({ label, hint, most, needed, value, onChange }: Props) {
  const [draft, setDraft] = useState(value);
  const text = draft.trim();
  const error = text.length > most ? `Keep it under ${most} characters` : text === '' ? needed : undefined;
  return (
    <Field label={label} {...(hint ? { hint } : {})} error={error} className="w-96 max-w-full">
      {(field) => (
        <input
          {...field}
          className={inputClass}
          value={draft}
          onChange={(e) => setDraft(e.target.value)}
          onBlur={() => !error && text !== value && onChange(text)}
          onKeyDown={(e) => e.key === 'Enter' && !error && text !== value && onChange(text)}
        />
      )}
    </Field>
  );
}
