import { useEffect, useState } from 'react';
import type { DefaultValues, FieldValues, UseFormReturn } from 'react-hook-form';
import { useUnsaved, type UnsavedForm } from './use-unsaved';

/** What a page asks beside the form, kept with it. */
export type Beside = { readonly values: object; readonly restore: (values: object) => void };

type More<T> = {
  /** A form that comes back stands on what it was opened on then. */
  onOpened?: (opened: T) => void;
  beside?: Beside | undefined;
};

/** A form whose letters are kept until they are saved. */
export function useUnsavedForm<T extends FieldValues>(
  name: string,
  form: UseFormReturn<T>,
  opened: T,
  { onOpened, beside }: More<T> = {},
): UnsavedForm {
  const [besideOpened] = useState(beside?.values);
  const unsaved = useUnsaved({
    name,
    read: () => ({ ...form.getValues(), ...(beside && { beside: beside.values }) }),
    opened: { ...opened, ...(beside && { beside: besideOpened }) },
    restore: ({ beside: kept, ...values }, { beside: _, ...then }) => {
      onOpened?.(then as T);
      form.reset({ ...opened, ...values } as DefaultValues<T>, { keepDefaultValues: true });
      if (kept) beside?.restore(kept);
    },
  });
  const { onChange } = unsaved;
  useEffect(() => {
    const { unsubscribe } = form.watch(onChange);
    return unsubscribe;
  }, [form, onChange]);
  const besideText = JSON.stringify(beside?.values);
  useEffect(onChange, [onChange, besideText]);
  return unsaved;
}
