import { useFormContext } from 'react-hook-form';
import { PHASES, type Term } from '@/core/term';
import { inputClass } from '@/ui/form/field';
import { Table } from '@/ui/page/table';

/** What each week is for, and which are lighter. */
export function TermWeekFields() {
  const { register, watch } = useFormContext<Term>();
  return (
    <fieldset className="rounded-2xl border-2 border-line p-4">
      <legend className="px-2 text-lg font-bold">Weeks</legend>
      <p className="mb-2 text-soft">
        Settling in is on the lowest rungs. A lighter week, about every fourth, asks two thirds of the work.
      </p>
      <Table className="" columns={['Week', 'Phase', 'Lighter']}>
        {watch('weeks').map((_, i) => (
          <tr key={i} className="border-b">
            <th scope="row" className="tabular pr-5">
              {i + 1}
            </th>
            <td className="py-1 pr-5">
              <select
                aria-label={`Phase of week ${i + 1}`}
                className={`${inputClass} max-w-48`}
                {...register(`weeks.${i}.phase`)}
              >
                {PHASES.map((phase) => (
                  <option key={phase}>{phase}</option>
                ))}
              </select>
            </td>
            <td>
              <input
                type="checkbox"
                aria-label={`Week ${i + 1} is lighter`}
                className="size-6 accent-ink"
                {...register(`weeks.${i}.lighter`)}
              />
            </td>
          </tr>
        ))}
      </Table>
    </fieldset>
  );
}
