import { useId, type ReactNode } from 'react';

export const inputClass =
  'min-h-11 w-full rounded-lg border-2 border-edge bg-paper px-3 py-1.5 text-ink aria-invalid:border-load disabled:opacity-60';

type Props = {
  label: string;
  hint?: string;
  error?: string | undefined;
  className?: string;
  children: (props: {
    id: string;
    'aria-invalid': boolean;
    'aria-describedby': string | undefined;
  }) => ReactNode;
};

/** A label, its control, and what is wrong with it if anything is. */
export function Field({ label, hint, error, className = '', children }: Props) {
  const id = useId();
  const noteId = `${id}-note`;
  return (
    <div className={className}>
      <label htmlFor={id} className="mb-1 block font-semibold">
        {label}
      </label>
      {children({
        id,
        'aria-invalid': Boolean(error),
        'aria-describedby': hint || error ? noteId : undefined,
      })}
      {(error || hint) && (
        <p id={noteId} className={error ? 'mt-1 font-semibold text-load' : 'mt-1 text-sm text-soft'}>
          {error ?? hint}
        </p>
      )}
    </div>
  );
}

/** A sentence about what went wrong, read out as it appears. */
export function Trouble({ message }: { message: string | null }) {
  return (
    <div role="alert">
      {message && (
        <p className="rounded-lg border-2 border-load bg-paper px-4 py-2 font-semibold text-load">
          {message}
        </p>
      )}
    </div>
  );
}
