import { inputClass } from '@/ui/form/field';
import { Table } from '@/ui/page/table';
import { ScoreSelect } from './score-select';
import { COLUMNS, type PeopleProps } from './scores';
import { TooHigh } from './too-high';

/** Who came and how it was, one row each. */
export function PeopleTable({ form, names }: PeopleProps) {
  return (
    <Table
      columns={[
        'Name',
        'Came',
        'left',
        'right',
        'left',
        'right',
        'Effort',
        'Enjoyed',
        'What was adapted',
        'Note',
      ]}
      above={
        <tr className="text-sm text-soft">
          <td colSpan={2} />
          <th colSpan={2} className="font-normal">
            pain before
          </th>
          <th colSpan={2} className="font-normal">
            pain after
          </th>
          <td colSpan={4} />
        </tr>
      }
    >
      {names.map((name, i) => (
        <PersonLine key={i} form={form} index={i} name={name} />
      ))}
    </Table>
  );
}

function PersonLine({ form, index, name }: { form: PeopleProps['form']; index: number; name: string }) {
  const { register, watch } = form;
  return (
    <tr className="border-b align-middle">
      <th scope="row" className="py-1 pr-3 whitespace-nowrap">
        {name}
        <TooHigh line={watch(`people.${index}`)} className="block" />
      </th>
      <td className="pr-3">
        <input
          type="checkbox"
          aria-label={`${name} came`}
          className="block size-7 accent-ink"
          {...register(`people.${index}.present`)}
        />
      </td>
      {COLUMNS.map(([column, words]) => (
        <td key={column} className="pr-1">
          <ScoreSelect
            form={form}
            index={index}
            column={column}
            aria-label={`${name}, ${words}`}
            className="w-16 px-1"
          />
        </td>
      ))}
      <td className="min-w-48 pr-2">
        <input
          aria-label={`${name}, what was adapted`}
          className={inputClass}
          {...register(`people.${index}.adapted`)}
        />
      </td>
      <td className="min-w-48">
        <input aria-label={`${name}, note`} className={inputClass} {...register(`people.${index}.notes`)} />
      </td>
    </tr>
  );
}
