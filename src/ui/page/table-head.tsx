/** The heads of a table's columns: words, or words over numbers, which stand to the right. */
export function TableHead({ columns }: { columns: readonly (string | { readonly number: string })[] }) {
  return (
    <thead>
      <tr className="border-b-2 border-edge">
        {columns.map((column) => {
          const isNumber = typeof column !== 'string';
          return (
            <th
              key={isNumber ? column.number : column}
              scope="col"
              className={`py-1 pr-5 last:pr-0 ${isNumber ? 'text-right' : ''}`}
            >
              {isNumber ? column.number : column}
            </th>
          );
        })}
      </tr>
    </thead>
  );
}
