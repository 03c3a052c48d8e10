import { Field, inputClass } from './field';

type Props = {
  label: string;
  value: string;
  choices: readonly (readonly [value: string, words: string])[];
  onChange: (value: string) => void;
  className?: string;
};

/** One of a list, with its label. */
export function SelectField({ label, value, choices, onChange, className = 'w-64' }: Props) {
  return (
    <Field label={label} className={className}>
      {(field) => (
        <select {...field} className={inputClass} value={value} onChange={(e) => onChange(e.target.value)}>
          {choices.map(([id, words]) => (
            <option key={id} value={id}>
              {words}
            </option>
          ))}
        </select>
      )}
    </Field>
  );
}
