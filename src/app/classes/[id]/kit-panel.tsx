'use client';

import { useRouter } from 'next/navigation';
import { useState } from 'react';
import type { KitLine } from '@/core/plan/kit';
import { call } from '@/ui/call';
import { inputClass, Trouble } from '@/ui/field';
import { TableHead } from '@/ui/table-head';

/** What the class needs in the bag, and how many are in it. */
export function KitPanel({ kit }: { kit: readonly KitLine[] }) {
  if (kit.length === 0) return <p className="mt-3">No row uses a prop.</p>;
  return (
    <section aria-label="Kit" className="mt-3">
      <table className="mb-4 text-left">
        <TableHead columns={['Prop', 'Needed at once', 'In the bag', 'Household substitute']} />
        <tbody>
          {kit.map((line) => (
            <KitRow key={line.prop.id} line={line} />
          ))}
        </tbody>
      </table>
    </section>
  );
}

function KitRow({ line }: { line: KitLine }) {
  const router = useRouter();
  const [pieces, setPieces] = useState(String(line.inBag));
  const [trouble, setTrouble] = useState<string | null>(null);
  const save = async () => {
    if (pieces === String(line.inBag)) return;
    const result = await call('PUT', '/api/bag', { propId: line.prop.id, pieces: Number(pieces || 'x') });
    setTrouble(result.ok ? null : result.message);
    if (result.ok) router.refresh();
  };
  return (
    <tr className="border-b">
      <th scope="row" className="py-1 pr-6 font-semibold">
        {line.prop.plural}
      </th>
      <td className="tabular pr-6">
        {line.needed}
        {line.short > 0 && <strong className="text-load"> ({line.short} short)</strong>}
      </td>
      <td className="py-1 pr-6">
        <div className="w-24">
          <input
            aria-label={`${line.prop.plural} in the bag`}
            className={inputClass}
            inputMode="numeric"
            value={pieces}
            onChange={(e) => setPieces(e.target.value)}
            onBlur={save}
            onKeyDown={(e) => e.key === 'Enter' && void save()}
          />
        </div>
        <Trouble message={trouble} />
      </td>
      <td>
        {line.prop.substitute}
        {line.prop.latex && <strong> (latex)</strong>}
      </td>
    </tr>
  );
}
