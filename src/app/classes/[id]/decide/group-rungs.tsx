import type { GroupProposal } from '@/server/progress/proposals';
import { plural } from '@/core/words';
import { Table } from '@/ui/page/table';

/** What the class as a whole might do next time, movement by movement. Its rung is set in the plan. */
export function GroupRungs({ group }: { group: readonly GroupProposal[] }) {
  if (group.length === 0) return null;
  const moving = group.filter((g) => g.moves);
  const staying = group.filter((g) => !g.moves);
  return (
    <section className="mt-10">
      <h2 className="text-xl">The class as a whole</h2>
      <p className="text-soft">
        It moves to the next rung when seven in ten of those who do it would, and nobody has to leave it out.
        The rung is set in the row of the plan.
      </p>
      {moving.length > 0 && <Rungs of={moving} />}
      {staying.length > 0 && (
        <details className="mt-2">
          <summary className="min-h-11 content-center font-semibold">
            {plural(staying.length, 'movement stays', 'movements stay')} on the same rung
          </summary>
          <Rungs of={staying} />
        </details>
      )}
    </section>
  );
}

const Rungs = ({ of }: { of: readonly GroupProposal[] }) => (
  <Table className="mt-2 w-full max-w-5xl" columns={['Movement', 'Next time', 'Why']}>
    {of.map(({ title, moves, next, reason }) => (
      <tr key={title} className="border-b align-top">
        <th scope="row" className="py-1.5 pr-5 font-semibold">
          {title}
        </th>
        <td className="py-1.5 pr-5">{moves ? <strong>Next rung: {next}</strong> : 'The same rung'}</td>
        <td className="py-1.5">{reason}</td>
      </tr>
    ))}
  </Table>
);
