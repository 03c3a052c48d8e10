import { fullName, type Person } from '@/core/people';
import type { Played, PlayedPerson } from '@/core/term';
import { plural } from '@/core/words';
import { Table } from '@/ui/page/table';

type Props = { played: Played; people: readonly Person[] };

/** Who might end under the rung of the class, and in what; by name only where chance does not explain it. */
export function PlayedPeople({ played: { people: lines, plays }, people }: Props) {
  const nameOf = (id: string) => {
    const person = people.find((p) => p.id === id);
    return person ? fullName(person) : '';
  };
  const apart = lines.filter((l) => l.isApart);
  const others = lines.filter((l) => !l.isApart);
  const inPlays = (share: number) => Math.round(share * plays);
  return (
    <section aria-label="Who might fall behind" className="mt-8">
      <h2 className="text-xl">Who might fall behind</h2>
      <p className="max-w-prose text-soft">
        In how many of {plays} plays somebody ends under the rung of the class. A name stands here only where
        the difference from the mean of all is over three standard errors; less than that may be chance.
      </p>
      {apart.length > 0 && (
        <Table
          className="mt-2 w-full max-w-5xl"
          columns={['Who', { number: 'Ends behind' }, { number: 'Steps back, mean' }, 'In what']}
        >
          {apart.map(({ personId, shareBehind, steppedBack, behind }) => (
            <tr key={personId} className="border-b align-top">
              <th scope="row" className="py-1.5 pr-5 font-semibold">
                {nameOf(personId)}
              </th>
              <td className="tabular py-1.5 pr-5 text-right">{inPlays(shareBehind)}</td>
              <td className="tabular py-1.5 pr-5 text-right">{steppedBack.toFixed(1)}</td>
              <td className="py-1.5">{behind.map((b) => `${b.family} (${inPlays(b.share)})`).join(', ')}</td>
            </tr>
          ))}
        </Table>
      )}
      <p className="mt-2">{othersWords(others, apart.length, plays)}</p>
    </section>
  );
}

function othersWords(others: readonly PlayedPerson[], apart: number, plays: number): string {
  if (others.length === 0) return '';
  const shares = others.map((o) => Math.round(o.shareBehind * plays));
  const [least, most] = [Math.min(...shares), Math.max(...shares)];
  const range = least === most ? plural(least, 'play') : `${least} to ${plural(most, 'play')}`;
  const who = apart === 0 ? 'Nobody stands apart: each person' : 'Each of the others';
  return `${who} ends behind in something in ${range} of ${plays}, no further apart than chance makes it.`;
}
