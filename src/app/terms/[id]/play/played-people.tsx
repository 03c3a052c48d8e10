import { fullName, type Person } from '@/core/people';
import type { Played } from '@/core/term';
import { Table } from '@/ui/page/table';

type Props = { played: Played; people: readonly Person[] };

/** Who might end under the rung of the class, and in what. */
export function PlayedPeople({ played: { people: lines, plays }, people }: Props) {
  const nameOf = (id: string) => {
    const person = people.find((p) => p.id === id);
    return person ? fullName(person) : '';
  };
  return (
    <section aria-label="Who might fall behind" className="mt-8">
      <h2 className="text-xl">Who might fall behind</h2>
      <p className="text-soft">In how many of {plays} plays somebody ends under the rung of the class.</p>
      <Table
        className="mt-2 w-full max-w-5xl"
        columns={['Who', { number: 'Classes' }, { number: 'Steps back' }, 'Ends behind in']}
      >
        {lines.map(({ personId, came, steppedBack, behind }) => (
          <tr key={personId} className="border-b align-top">
            <th scope="row" className="py-1.5 pr-5 font-semibold">
              {nameOf(personId)}
            </th>
            <td className="tabular py-1.5 pr-5 text-right">{came.toFixed(1)}</td>
            <td className="tabular py-1.5 pr-5 text-right">{steppedBack.toFixed(1)}</td>
            <td className="py-1.5">
              {behind.length === 0
                ? 'nothing'
                : behind.map((b) => `${b.family} (${Math.round(b.share * plays)})`).join(', ')}
            </td>
          </tr>
        ))}
      </Table>
    </section>
  );
}
