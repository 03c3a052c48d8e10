import { useFieldArray, useFormContext } from 'react-hook-form';
import type { Term } from '@/core/term';
import { Button } from '@/ui/form/button';
import { Field, inputClass } from '@/ui/form/field';
import { ListFieldset } from './list-fieldset';

/** Days on which there is no class; a week that falls out as a whole is not counted. */
export function TermHolidayFields() {
  const { register, control, formState, getValues } = useFormContext<Term>();
  const { fields, append, remove } = useFieldArray({ control, name: 'holidays' });
  const errors = formState.errors.holidays;
  return (
    <ListFieldset
      legend="Holidays"
      empty={fields.length === 0 && 'None. A week without a class is not counted.'}
      error={errors}
      addLabel="Add a holiday"
      onAdd={() => append({ from: getValues('firstDay'), until: getValues('firstDay'), what: '' })}
    >
      {fields.map((field, i) => (
        <li key={field.id} className="flex flex-wrap items-start gap-3">
          <Field label="From" className="w-48" error={errors?.[i]?.from?.message}>
            {(props) => (
              <input {...props} type="date" className={inputClass} {...register(`holidays.${i}.from`)} />
            )}
          </Field>
          <Field label="Until" className="w-48" error={errors?.[i]?.until?.message}>
            {(props) => (
              <input {...props} type="date" className={inputClass} {...register(`holidays.${i}.until`)} />
            )}
          </Field>
          <Field label="What" className="w-52" error={errors?.[i]?.what?.message}>
            {(props) => <input {...props} className={inputClass} {...register(`holidays.${i}.what`)} />}
          </Field>
          <Button
            look="quiet"
            className="mt-7"
            onClick={() => remove(i)}
            aria-label={`Remove holiday ${i + 1}`}
          >
            Remove
          </Button>
        </li>
      ))}
    </ListFieldset>
  );
}
