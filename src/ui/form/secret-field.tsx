'use client';

import { Field, inputClass } from './field';

type Props = {
  label: string;
  hint?: string;
  complete: 'current-password' | 'new-password';
  value: string;
  onChange: (value: string) => void;
};

/** A passphrase as it is typed; a password manager may keep it. */
export function SecretField({ label, hint, complete, value, onChange }: Props) {
  return (
    <Field label={label} {...(hint && { hint })}>
      {(field) => (
        <input
          {...field}
          type="password"
          autoComplete={complete}
          className={inputClass}
          value={value}
          onChange={(e) => onChange(e.target.value)}
        />
      )}
    </Field>
  );
}
