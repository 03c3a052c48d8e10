import type { ReactNode } from 'react';

type Props = {
  label: string;
  /** What stands over the names of the lines, and over each column. */
  corner: string;
  heads: readonly ReactNode[];
  lines: readonly { readonly name: string; readonly cells: readonly ReactNode[] }[];
};

/** Numbers week by week: a line for each thing, a column for each week. */
export function WeeksTable({ label, corner, heads, lines }: Props) {
  return (
    <div className="mt-3 overflow-x-auto" tabIndex={0} role="region" aria-label={label}>
      <table className="tabular w-full border-collapse text-right">
        <thead>
          <tr className="border-b-2 border-edge">
            <th scope="col" className="min-w-60 py-1 text-left">
              {corner}
            </th>
            {heads.map((head, i) => (
              <th key={i} scope="col" className="py-1 pl-3">
                {head}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {lines.map(({ name, cells }) => (
            <tr key={name} className="border-b align-top">
              <th scope="row" className="py-1.5 text-left font-semibold">
                {name}
              </th>
              {cells.map((cell, i) => (
                <td key={i} className="py-1.5 pl-3">
                  {cell}
                </td>
              ))}
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  );
}
