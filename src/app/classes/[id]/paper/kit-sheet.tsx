import { gradeCounts, type KitLine } from '@/core/plan/kit';

/** What goes into the bag, with a box to tick, and what a house has instead. */
export function KitSheet({ kit }: { kit: readonly KitLine[] }) {
  if (kit.length === 0) return <p>Nothing: this class needs no props.</p>;
  return (
    <table className="w-full border-collapse text-left text-lg">
      <thead>
        <tr className="border-b-2 border-ink">
          {['', 'Prop', 'How many', 'Spare', 'Short', 'Instead, at home'].map((c) => (
            <th key={c} scope="col" className="py-1 pr-4">
              {c || <span className="sr-only">Packed</span>}
            </th>
          ))}
        </tr>
      </thead>
      <tbody>
        {kit.map((line) => (
          <tr key={line.prop.id} className="border-b align-top">
            <td className="py-2 pr-4">
              <svg width="22" height="22" viewBox="0 0 22 22" aria-hidden="true">
                <circle cx="11" cy="11" r="9" fill="none" stroke="var(--color-ink)" strokeWidth="2" />
              </svg>
            </td>
            <th scope="row" className="py-2 pr-4">
              {line.prop.name}
              {gradeCounts(line)
                .counts.filter((c) => c.people > 0)
                .map(({ name, people }) => (
                  <span key={name} className="block text-base font-normal">
                    {name}: {people}
                  </span>
                ))}
            </th>
            <td className="tabular py-2 pr-4">{line.needed}</td>
            <td className="tabular py-2 pr-4">{line.spares}</td>
            <td className="tabular py-2 pr-4">{line.short > 0 ? line.short : ''}</td>
            <td className="py-2">{line.prop.substitute}</td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}
