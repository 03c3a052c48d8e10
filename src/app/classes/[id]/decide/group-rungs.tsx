import type { GroupProposal } from '@/server/progress/proposals';
import { Table } from '@/ui/page/table';

/** What the class as a whole might do next time, movement by movement. Its rung is set in the plan. */
export function GroupRungs({ group }: { group: readonly GroupProposal[] }) {
  if (group.length === 0) return null;
  const inOrder = [...group].sort((a, b) => Number(b.moves) - Number(a.moves));
  return (
    <section className="mt-10">
      <h2 className="text-xl">The class as a whole</h2>
      <p className="text-soft">
        It moves to the next rung when seven in ten of those who do it would, and nobody has to leave it out.
        The rung is set in the row of the plan.
      </p>
      <Table className="mt-2 w-full max-w-5xl" columns={['Movement', 'Next time', 'Why']}>
        {inOrder.map(({ title, moves, next, reason }) => (
          <tr key={title} className="border-b align-top">
            <th scope="row" className="py-1.5 pr-5 font-semibold">
              {title}
            </th>
            <td className="py-1.5 pr-5">{moves ? <strong>Next rung: {next}</strong> : 'The same rung'}</td>
            <td className="py-1.5">{reason}</td>
          </tr>
        ))}
      </Table>
    </section>
  );
}
