import type { ReactNode } from 'react';
import { Button } from '@/ui/form/button';

type Props = {
  legend: string;
  /** Said where there is nothing yet. */
  empty?: string | false;
  /** What is wrong with the list as a whole. */
  error:
    | { readonly message?: string | undefined; readonly root?: { readonly message?: string | undefined } }
    | undefined;
  addLabel: string;
  onAdd: () => void;
  children: ReactNode;
};

/** A list of things in a form, with a way to add one. */
export function ListFieldset({ legend, empty, error, addLabel, onAdd, children }: Props) {
  const words = error?.message ?? error?.root?.message;
  return (
    <fieldset className="rounded-2xl border-2 border-line p-4">
      <legend className="px-2 text-lg font-bold">{legend}</legend>
      {empty && <p className="mb-3 text-soft">{empty}</p>}
      <ul className="grid gap-3">{children}</ul>
      {words && (
        <p role="alert" className="mt-2 font-semibold text-load">
          {words}
        </p>
      )}
      <Button className="mt-3" onClick={onAdd}>
        {addLabel}
      </Button>
    </fieldset>
  );
}
