import { forceAtN, type Catalogue, type Movement } from '@/core/catalogue';
import { Table } from '@/ui/page/table';

/** What is held, what a house has instead, how it is done with nothing, and the force of each grade. */
export function PropNotes({ movement, catalogue }: { movement: Movement; catalogue: Catalogue }) {
  const prop = movement.propId ? catalogue.prop(movement.propId) : undefined;
  if (!prop) return null;
  const lined = prop.grades.filter((g) => g.forceLine);
  return (
    <section className="mt-8">
      <h2 className="mb-2 text-xl">
        Prop: {prop.name}
        {prop.latex && ' (latex)'}
      </h2>
      <dl className="grid max-w-3xl grid-cols-[auto_1fr] gap-x-5 gap-y-1">
        <dt className="font-semibold">At home</dt>
        <dd>{prop.substitute}</dd>
        <dt className="font-semibold">With none</dt>
        <dd>{movement.noProp}</dd>
        <dt className="font-semibold">Grades</dt>
        <dd>{prop.grades.map((g) => g.name).join(', ')}</dd>
        <dt className="font-semibold">Cleaning</dt>
        <dd>{prop.cleaning}</dd>
        <dt className="font-semibold">Edge</dt>
        <dd>{prop.edge}</dd>
      </dl>
      {lined.length > 0 && (
        <>
          <Table
            className="tabular mt-3"
            caption="Newtons to close it so far; cautious figures for planning, your own measuring comes first"
            columns={['Grade', ...CLOSURES.map((c) => ({ number: `${c * 100} %` }))]}
          >
            {lined.map((g) => (
              <tr key={g.name} className="border-b">
                <th scope="row" className="pr-6 font-normal">
                  {g.name}
                </th>
                {CLOSURES.map((c) => (
                  <td key={c} className="pr-6 text-right">
                    {Math.round(forceAtN(g, c) ?? 0)}
                  </td>
                ))}
              </tr>
            ))}
          </Table>
        </>
      )}
    </section>
  );
}

const CLOSURES = [0.25, 0.5, 0.75];
