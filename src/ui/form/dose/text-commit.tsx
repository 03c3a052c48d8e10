'use client';

import { useState } from 'react';
import { Field, inputClass } from '@/ui/form/field';

type Props = {
  label: string;
  hint?: string;
  most: number;
  needed?: string;
  value: string;
  /** More than one line, where Enter begins a new one. */
  lines?: number;
  /** What is wrong with it besides its length. */
  problem?: (text: string) => string | undefined;
  onChange: (value: string) => void;
};

/** Text that is kept when the field is left. */
export function TextCommit({ label, hint, most, needed, value, lines, problem, onChange }: Props) {
  const [draft, setDraft] = useState(value);
  const text = draft.trim();
  const wrong = text === '' ? needed : problem?.(text);
  const error = text.length > most ? `Keep it under ${most} characters` : wrong;
  return (
    <Field label={label} {...(hint ? { hint } : {})} error={error} className="w-96 max-w-full">
      {(field) => {
        const shared = {
          ...field,
          className: inputClass,
          value: draft,
          onBlur: () => !error && text !== value && onChange(text),
        };
        if (lines) return <textarea {...shared} rows={lines} onChange={(e) => setDraft(e.target.value)} />;
        return (
          <input
            {...shared}
            onChange={(e) => setDraft(e.target.value)}
            onKeyDown={(e) => e.key === 'Enter' && !error && text !== value && onChange(text)}
          />
        );
      }}
    </Field>
  );
}
