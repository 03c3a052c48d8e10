import { fullName } from '../../../../people';
import { clockText } from '../../../../words';
import { cheapestRelief } from '../../relief';
import type { HandReserve } from '../../reserve';
import { GRIP_LEFT } from '../../limits';
import { rule, type ReserveContext } from '../rule';

export const gripReserve = rule({
  code: 'R3',
  severity: 'should',
  title: 'Grip reserve stays over 80 %',
  reason:
    'Below 80 % the same muscles stay tired for minutes, and under 60 % for the rest of the class. Squeezes that are counted come there only at a high effort and without breaks; long holds and a prop that is stiff for a weak hand come there soon. The figure is modelled from effort, prop and time, not measured.',
  source:
    'Model: Xia and Frey-Law 2008; Looft, Herkert and Frey-Law 2018; the limits of 80 and 60 % are ours',
  find: ({ reserves }: ReserveContext) => {
    const low = reserves
      .filter((r) => r.lowest < GRIP_LEFT.should && r.rowId !== null)
      .sort((a, b) => a.lowest - b.lowest);
    const [worst] = low;
    if (!worst?.rowId) return [];
    const people = [...new Set(low.map((r) => r.person.id))];
    const others = people.length > 1 ? `, and ${people.length - 1} more` : '';
    return [
      {
        text: `${words(worst)}${others}.`,
        severity: worst.lowest < GRIP_LEFT.must ? ('must' as const) : ('should' as const),
        rowIds: [...new Set(low.flatMap((r) => r.rowId ?? []))],
        personIds: people,
        worst,
      },
    ];
  },
  mend: (context, { worst }) => cheapestRelief(context, worst, GRIP_LEFT.should),
});

const words = ({ person, hand, lowest, atMs }: HandReserve): string =>
  `The ${hand === 'L' ? 'left' : 'right'} hand of ${fullName(person)} goes down to ${Math.floor(lowest * 100)} % of its grip reserve at ${clockText(atMs)}`;
