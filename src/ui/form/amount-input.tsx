'use client';

import { useState, type ComponentProps } from 'react';
import { useController, type FieldValues, type Path } from 'react-hook-form';
import { fieldNumber, fromShown } from '@/core/units';
import { useUnits } from '@/ui/units';
import { asNumber } from './as-number';
import { inputClass } from './field';

type Props<T extends FieldValues> = {
  name: Path<T>;
  /** The unit in which the form keeps it. */
  kept: string;
  /** Kept without a fraction. */
  whole?: boolean;
} & Omit<ComponentProps<'input'>, 'name' | 'value' | 'onChange'>;

/** A weight or a length in a form, typed in the units of whoever types. What is no number stays as it was typed. */
export function AmountInput<T extends FieldValues>({ name, kept, whole = false, ...rest }: Props<T>) {
  const units = useUnits();
  const { field } = useController<T>({ name });
  const [typed, setTyped] = useState<string | null>(null);
  const keptOf = (text: string): unknown => {
    const number = asNumber.setValueAs(text);
    if (typeof number !== 'number') return number;
    const value = fromShown(number, kept, units);
    return whole ? Math.round(value) : value;
  };
  const isMine = typed !== null && keptOf(typed) === field.value;
  return (
    <input
      inputMode="decimal"
      className={inputClass}
      {...rest}
      name={field.name}
      ref={field.ref}
      onBlur={field.onBlur}
      value={
        isMine
          ? typed
          : typeof field.value === 'number'
            ? fieldNumber(field.value, kept, units, whole)
            : (field.value ?? '')
      }
      onChange={(e) => {
        setTyped(e.target.value);
        field.onChange(keptOf(e.target.value));
      }}
    />
  );
}
