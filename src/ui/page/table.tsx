import type { ReactNode } from 'react';

/** A column's head: words, or words over numbers, which stand to the right. */
type Column = string | { readonly number: string };
type Props = {
  columns: readonly Column[];
  /** One `<tr>` for each row. */
  children: ReactNode;
  className?: string;
  label?: string;
  caption?: string;
  /** A row of heads over the heads. */
  above?: ReactNode;
};

/** Every table of rows and named columns. Grids that are worked in by cells, and paper, draw their own. */
export function Table({ columns, children, className = 'w-full', label, caption, above }: Props) {
  return (
    <table aria-label={label} className={`border-collapse text-left ${className}`}>
      {caption && <caption className="pb-1 text-left text-sm text-soft">{caption}</caption>}
      <thead>
        {above}
        <tr className="border-b-2 border-edge">
          {columns.map((column, i) => (
            <Head key={i} column={column} />
          ))}
        </tr>
      </thead>
      <tbody>{children}</tbody>
    </table>
  );
}

const nameOf = (column: Column): string => (typeof column === 'string' ? column : column.number);

const Head = ({ column }: { column: Column }) => {
  const name = nameOf(column);
  // Over buttons there is nothing to say, and a head without a name is none.
  if (name === '') return <td />;
  return (
    <th scope="col" className={`py-1 pr-5 last:pr-0 ${typeof column === 'string' ? '' : 'text-right'}`}>
      {name}
    </th>
  );
};
