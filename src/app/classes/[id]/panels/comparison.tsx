import { useMemo } from 'react';
import type { Catalogue } from '@/core/catalogue';
import { comparePlans, type Plan } from '@/core/plan';
import { plural } from '@/core/words';
import { Table } from '@/ui/page/table';

type Props = { plan: Plan; earlier: Plan; name: string; catalogue: Catalogue };

/** What is new, gone and changed against another class. */
export function Comparison({ plan, earlier, name, catalogue }: Props) {
  const { added, gone, changed, same } = useMemo(
    () => comparePlans(plan, earlier, catalogue),
    [plan, earlier, catalogue],
  );
  return (
    <div>
      <h2 className="text-lg">Against {name}</h2>
      <p>
        {plural(same, 'row is', 'rows are')} the same. {added.length > 0 && `New here: ${added.join(', ')}. `}
        {gone.length > 0 && `Gone: ${gone.join(', ')}.`}
      </p>
      {changed.length > 0 && (
        <Table className="mt-2 w-full max-w-5xl" columns={['Changed', 'There', 'Here']}>
          {changed.map((c) => (
            <tr key={c.rowId} className="border-b border-line align-top">
              <th scope="row" className="py-1.5 pr-5 font-semibold">
                {c.title}
              </th>
              {([0, 1] as const).map((i) => (
                <td key={i} className="py-1.5 pr-5">
                  {c.differs.map((pair) => pair[i]).join('; ')}
                </td>
              ))}
            </tr>
          ))}
        </Table>
      )}
    </div>
  );
}
