import { COLUMNS, type PeopleColumn, type Mapping } from '@/core/formats';
import { capital } from '@/core/words';
import { SelectField } from '@/ui/form/select-field';

type Props = { heads: readonly string[]; mapping: Mapping; onChange: (mapping: Mapping) => void };

/** Which column of the file is which. */
export function MappingFields({ heads, mapping, onChange }: Props) {
  const choose = (column: PeopleColumn, value: string) => {
    const others = Object.entries(mapping).filter(([c]) => c !== column);
    onChange(Object.fromEntries(value === '' ? others : [...others, [column, Number(value)]]));
  };
  return (
    <fieldset className="flex flex-wrap gap-x-5 gap-y-3">
      <legend className="mb-1 text-lg font-bold">Which column is which</legend>
      {COLUMNS.map((column) => (
        <SelectField
          key={column}
          label={capital(column)}
          className="w-52"
          value={mapping[column] === undefined ? '' : String(mapping[column])}
          choices={[
            ['', 'not in the file'],
            ...heads.map((h, i) => [String(i), h || `column ${i + 1}`] as const),
          ]}
          onChange={(value) => choose(column, value)}
        />
      ))}
    </fieldset>
  );
}
