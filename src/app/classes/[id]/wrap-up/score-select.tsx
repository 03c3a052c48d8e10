import type { ComponentProps } from 'react';
import { inputClass } from '@/ui/form/field';
import { COLUMNS, type PeopleProps } from './scores';

type Props = Omit<ComponentProps<'select'>, 'form'> & {
  form: PeopleProps['form'];
  index: number;
  column: (typeof COLUMNS)[number][0];
};

const SCORES = Array.from({ length: 11 }, (_, n) => n);

/** Nought to ten, or not said, of somebody who came. */
export function ScoreSelect({ form, index, column, className = '', ...rest }: Props) {
  return (
    <select
      className={`${inputClass} ${className}`}
      disabled={!form.watch(`people.${index}.present`)}
      {...rest}
      {...form.register(`people.${index}.${column}`, { setValueAs: scoreOf })}
    >
      <option value=""></option>
      {SCORES.map((n) => (
        <option key={n} value={n}>
          {n}
        </option>
      ))}
    </select>
  );
}

/** Blank stays unknown; it is never a nought. */
const scoreOf = (value: string | number | null): number | null =>
  value === '' || value === null ? null : Number(value);
