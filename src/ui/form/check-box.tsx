import type { ReactNode } from 'react';

type Props = {
  label: ReactNode;
  on: boolean;
  disabled?: boolean;
  onChange: (on: boolean) => void;
  className?: string;
};

/** One thing that is so or is not. */
export function CheckBox({ label, on, disabled = false, onChange, className = '' }: Props) {
  return (
    <label className={`flex min-h-11 items-center gap-2 ${disabled ? 'text-soft' : ''} ${className}`}>
      <input
        type="checkbox"
        className="size-6 shrink-0 accent-ink"
        checked={on}
        disabled={disabled}
        onChange={(e) => onChange(e.target.checked)}
      />
      {label}
    </label>
  );
}
