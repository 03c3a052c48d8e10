'use client';

import { Minus, Plus } from 'lucide-react';
import { useState } from 'react';
import { Field, inputClass } from '@/ui/form/field';

type Props = {
  label: string;
  value: number;
  min: number;
  max: number;
  step?: number;
  whole?: boolean;
  onChange: (value: number) => void;
};

/** A number with less and more. What was typed stays while it is wrong, with the reason below. */
export function NumberField({ label, value, min, max, step = 1, whole = true, onChange }: Props) {
  const [draft, setDraft] = useState<string | null>(null);
  const error = draft === null ? undefined : problem(draft, min, max, whole);
  const commit = () => {
    if (draft === null || error) return;
    const next = Number(draft.replace(',', '.'));
    setDraft(null);
    if (next !== value) onChange(next);
  };
  const nudge = (by: number) => {
    setDraft(null);
    const next = Math.min(max, Math.max(min, Math.round((value + by) * 10) / 10));
    if (next !== value) onChange(next);
  };
  return (
    <Field label={label} error={error} className="w-44">
      {(field) => (
        <div className="flex items-center gap-1">
          <Nudge label={`Less: ${label}`} onClick={() => nudge(-step)} disabled={value <= min}>
            <Minus size={20} aria-hidden="true" />
          </Nudge>
          <input
            {...field}
            className={`${inputClass} tabular min-w-0 px-1 text-center`}
            inputMode="decimal"
            value={draft ?? String(value)}
            onChange={(e) => setDraft(e.target.value)}
            onBlur={commit}
            onKeyDown={(e) => {
              if (e.key === 'Enter') commit();
              if (e.key === 'Escape') setDraft(null);
            }}
          />
          <Nudge label={`More: ${label}`} onClick={() => nudge(step)} disabled={value >= max}>
            <Plus size={20} aria-hidden="true" />
          </Nudge>
        </div>
      )}
    </Field>
  );
}

function Nudge({
  label,
  ...rest
}: {
  label: string;
  onClick: () => void;
  disabled: boolean;
  children: React.ReactNode;
}) {
  return (
    <button
      type="button"
      aria-label={label}
      className="flex size-11 shrink-0 items-center justify-center rounded-full border-2 border-edge bg-paper hover:border-ink disabled:opacity-40"
      {...rest}
    />
  );
}

function problem(draft: string, min: number, max: number, whole: boolean): string | undefined {
  const n = Number(draft.replace(',', '.'));
  if (draft.trim() === '' || !Number.isFinite(n)) return 'A number is needed';
  if (whole && !Number.isInteger(n)) return 'A whole number is needed';
  if (n < min) return `At least ${min}`;
  if (n > max) return `At most ${max}`;
  return undefined;
}
