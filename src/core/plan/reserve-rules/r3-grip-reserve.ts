import { fullName } from '../../people/person';
import { clockText } from '../../words';
import { finding, type RuleContext } from '../finding';
import type { HandReserve } from '../reserve';
import { cheapestRelief } from '../relief';

const SHOULD_STAY_OVER = 0.6;
const MUST_STAY_OVER = 0.4;

/** R3 The modelled grip reserve of every attending person stays above 60 % (should) and 40 % (must). */
export const gripReserve = (context: RuleContext, reserves: readonly HandReserve[]) => {
  const low = reserves
    .filter((r) => r.lowest < SHOULD_STAY_OVER && r.rowId !== null)
    .sort((a, b) => a.lowest - b.lowest);
  const [worst] = low;
  if (!worst?.rowId) return [];
  const people = [...new Set(low.map((r) => r.person.id))];
  const others = people.length > 1 ? `, and ${people.length - 1} more` : '';
  return [
    finding(
      'R3',
      worst.lowest < MUST_STAY_OVER ? 'must' : 'should',
      `${words(worst)}${others}.`,
      'Below sixty in a hundred the same muscles are tired for the rest of the class; the figure is modelled from effort and time, not measured.',
      {
        rowIds: [...new Set(low.flatMap((r) => r.rowId ?? []))],
        personIds: people,
        mend: cheapestRelief(context, worst, SHOULD_STAY_OVER),
      },
    ),
  ];
};

const words = ({ person, hand, lowest, atMs }: HandReserve): string =>
  `The ${hand === 'L' ? 'left' : 'right'} hand of ${fullName(person)} goes down to ${Math.floor(lowest * 100)} % of its grip reserve at ${clockText(atMs)}`;
