import { lineWords } from '@/core/teach';
import { capital } from '@/core/words';
import { CheckBox } from '@/ui/form/check-box';
import { Field, inputClass } from '@/ui/form/field';
import { ScoreSelect } from './score-select';
import { COLUMNS, type PeopleProps } from './scores';
import { TooHigh } from './too-high';

/** Who came and how it was, one line each: came, all as usual, until it is opened and said otherwise. */
export const PeopleCards = ({ form, names }: PeopleProps) => (
  <ul>
    {names.map((name, i) => (
      <PersonCard key={i} form={form} index={i} name={name} />
    ))}
  </ul>
);

function PersonCard({ form, index, name }: { form: PeopleProps['form']; index: number; name: string }) {
  const { register, watch, setValue } = form;
  const line = watch(`people.${index}`);
  return (
    <li className="border-b">
      <details>
        <summary className="min-h-12 content-center text-lg">
          <strong>{name}</strong> <span className="text-soft">{lineWords(line)}</span> <TooHigh line={line} />
        </summary>
        <div className="grid gap-3 pb-4 pl-5">
          <CheckBox
            label={`${name} came`}
            on={line.present}
            onChange={(on) => setValue(`people.${index}.present`, on, { shouldDirty: true })}
          />
          <div className="grid grid-cols-2 gap-3 sm:grid-cols-3">
            {COLUMNS.map(([column, words]) => (
              <Field key={column} label={capital(words)}>
                {(field) => <ScoreSelect {...field} form={form} index={index} column={column} />}
              </Field>
            ))}
          </div>
          <Field label="What was adapted">
            {(field) => <input {...field} className={inputClass} {...register(`people.${index}.adapted`)} />}
          </Field>
          <Field label="Note">
            {(field) => <input {...field} className={inputClass} {...register(`people.${index}.notes`)} />}
          </Field>
        </div>
      </details>
    </li>
  );
}
