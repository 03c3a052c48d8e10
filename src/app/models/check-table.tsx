import type { ModelCheck } from '@/core/models';
import { Table } from '@/ui/page/table';

/** The numbers of a picture, one line for each place on its lower axis. */
export function CheckTable({ check: { x, y, series, title } }: { check: ModelCheck }) {
  const places = [...new Set(series.flatMap((s) => s.points.map(([at]) => at)))].sort((a, b) => a - b);
  return (
    <details>
      <summary className="min-h-11 content-center">The same as a table</summary>
      <div className="overflow-x-auto" tabIndex={0} role="region" aria-label={title}>
        <Table
          className="tabular"
          columns={[{ number: x }, ...series.map((s) => ({ number: `${s.name}, ${y}` }))]}
        >
          {places.map((at) => (
            <tr key={at} className="border-b">
              <th scope="row" className="pr-6 text-right font-normal">
                {at}
              </th>
              {series.map((s) => (
                <td key={s.name} className="pr-6 text-right">
                  {s.points
                    .filter(([p]) => p === at)
                    .map(([, value]) => value)
                    .join(', ')}
                </td>
              ))}
            </tr>
          ))}
        </Table>
      </div>
    </details>
  );
}
