import { fullName } from '../../../../people';
import { clockText } from '../../../../words';
import { cheapestRelief } from '../../relief';
import type { HandReserve } from '../../reserve';
import { rule, type ReserveContext } from '../rule';

/** Shares of the grip that is left. */
const SHOULD_STAY_OVER = 0.6;
const MUST_STAY_OVER = 0.4;

export const gripReserve = rule({
  code: 'R3',
  severity: 'should',
  title: 'Grip reserve stays over 60 %',
  reason:
    'Below 60 % the same muscles are tired for the rest of the class; the figure is modelled from effort and time, not measured.',
  source:
    'Model: Xia and Frey-Law 2008; Looft, Herkert and Frey-Law 2018; the limits of 60 and 40 % are ours',
  find: ({ reserves }: ReserveContext) => {
    const low = reserves
      .filter((r) => r.lowest < SHOULD_STAY_OVER && r.rowId !== null)
      .sort((a, b) => a.lowest - b.lowest);
    const [worst] = low;
    if (!worst?.rowId) return [];
    const people = [...new Set(low.map((r) => r.person.id))];
    const others = people.length > 1 ? `, and ${people.length - 1} more` : '';
    return [
      {
        text: `${words(worst)}${others}.`,
        severity: worst.lowest < MUST_STAY_OVER ? ('must' as const) : ('should' as const),
        rowIds: [...new Set(low.flatMap((r) => r.rowId ?? []))],
        personIds: people,
        worst,
      },
    ];
  },
  mend: (context, { worst }) => cheapestRelief(context, worst, SHOULD_STAY_OVER),
});

const words = ({ person, hand, lowest, atMs }: HandReserve): string =>
  `The ${hand === 'L' ? 'left' : 'right'} hand of ${fullName(person)} goes down to ${Math.floor(lowest * 100)} % of its grip reserve at ${clockText(atMs)}`;
