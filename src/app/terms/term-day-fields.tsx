import { useFieldArray, useFormContext } from 'react-hook-form';
import { WEEKDAYS, type Term } from '@/core/term';
import { Button } from '@/ui/form/button';
import { Field, inputClass } from '@/ui/form/field';
import { ListFieldset } from './list-fieldset';

/** The days of the week with a class, and when it starts. */
export function TermDayFields() {
  const { register, control, formState } = useFormContext<Term>();
  const { fields, append, remove } = useFieldArray({ control, name: 'days' });
  const errors = formState.errors.days;
  return (
    <ListFieldset
      legend="Days of the week"
      error={errors}
      addLabel="Add a day"
      onAdd={() => append({ weekday: 5, startsAt: '10:30' })}
    >
      {fields.map((field, i) => (
        <li key={field.id} className="flex flex-wrap items-start gap-3">
          <Field label="Day" className="w-52" error={errors?.[i]?.weekday?.message}>
            {(props) => (
              <select
                {...props}
                className={inputClass}
                {...register(`days.${i}.weekday`, { valueAsNumber: true })}
              >
                {WEEKDAYS.map((name, d) => (
                  <option key={name} value={d + 1}>
                    {name}
                  </option>
                ))}
              </select>
            )}
          </Field>
          <Field label="Starts at" className="w-40" error={errors?.[i]?.startsAt?.message}>
            {(props) => (
              <input {...props} type="time" className={inputClass} {...register(`days.${i}.startsAt`)} />
            )}
          </Field>
          {fields.length > 1 && (
            <Button
              look="quiet"
              className="mt-7"
              onClick={() => remove(i)}
              aria-label={`Remove day ${i + 1}`}
            >
              Remove
            </Button>
          )}
        </li>
      ))}
    </ListFieldset>
  );
}
