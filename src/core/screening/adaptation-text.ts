import { doseWords, type Dose, type Hand } from '../dose';
import { plural } from '../words';
import { adaptedDose } from './adaptation';
import { worseOf, type HandVerdict, type Verdict } from './verdict';

/** All that is asked of a hand, with what is left of the dose where it does less: "half the count: 3 times; ...". */
export function adaptationText({ how, kind, adaptation }: HandVerdict, dose: Dose): string {
  const [first, ...rest] = how;
  const less = kind === 'adapt' ? lessWords(dose, adaptation) : '';
  return first ? [`${first}${less && `: ${less}`}`, ...rest].join('; ') : '';
}

/** What is left of the count, or of the hold or the time; empty where all of it is. */
function lessWords(dose: Dose, adaptation: HandVerdict['adaptation']): string {
  const own = adaptedDose(dose, adaptation);
  return doseWords(own) === doseWords(dose) ? '' : countWords(own);
}

function countWords({ count }: Dose): string {
  switch (count.mode) {
    case 'reps':
      return plural(count.reps, 'time');
    case 'hold':
      return `${plural(count.holds, 'hold')} of ${count.holdMs / 1000} s`;
    case 'breaths':
      return plural(count.breaths, 'breath');
    case 'time':
      return `${count.timeMs / 1000} s`;
    case 'sequence':
      return plural(count.rounds, 'round');
  }
}

/** Everything that is asked of either hand beside the count, each once; of what is done instead, how it is done. */
export const adaptationsAsked = (verdict: Verdict | null): ReadonlySet<string> =>
  new Set(verdict ? [verdict.L, verdict.R].flatMap(asked) : []);

const asked = (verdict: HandVerdict): readonly string[] => {
  if (verdict.kind === 'adapt') return verdict.how;
  return verdict.kind === 'swap' ? swapAsks(verdict) : [];
};

/** How a swap is done: "when doing five-shape tendon glide instead: half the count"; none where it is done as it is. */
const swapAsks = ({ how: [instead = '', ...rest] }: HandVerdict): readonly string[] =>
  rest.length > 0 ? [`when doing ${instead}: ${rest.map(withoutLabel).join(', ')}`] : [];

/** What is said of a person once and so not at every row: what is asked of them, and which hand rests. */
export type KnownAdaptations = { readonly asked: ReadonlySet<string>; readonly rests: ReadonlySet<Hand> };

/**
 * The way of both hands without what is known already; empty for who does it as it is. Nothing that is asked is left out, and a hand that
 * is known to rest is told of where it does not.
 */
export function shortAdaptation({ L, R }: Verdict, dose: Dose, { asked, rests }: KnownAdaptations): string {
  const way = (verdict: HandVerdict, hand: Hand) => {
    if (rests.has(hand) && verdict.kind === 'leaveOut') return '';
    if (rests.has(hand) && verdict.kind === 'do') return 'joins in';
    return shortWayOf(verdict, dose, asked);
  };
  const [left, right] = [way(L, 'L'), way(R, 'R')];
  if (left === right) return left;
  const ways = [left && `left: ${left}`, right && `right: ${right}`];
  // The hand that is kept from more comes first: a line may be cut where there is little room.
  return (worseOf(L.kind, R.kind) === L.kind ? ways : ways.toReversed()).filter(Boolean).join('; ');
}

/** Which rung it is need not be said where its words are. */
const withoutLabel = (how: string): string => how.replace(/^(lowest rung|easier): /, '');

/** Words that a number takes the place of. */
const SAYS_HOW_MUCH = /^(half the (count|time|hold)|holds of )/;

function shortWayOf(verdict: HandVerdict, dose: Dose, known: ReadonlySet<string>): string {
  if (verdict.kind === 'do') return '';
  if (verdict.kind === 'leaveOut') return 'rest';
  if (verdict.kind === 'swap' && swapAsks(verdict).some((a) => known.has(a))) return verdict.how[0]!;
  const less = verdict.kind === 'adapt' ? lessWords(dose, verdict.adaptation) : '';
  // The number itself says that it is half.
  const fresh = verdict.how.filter((h) => !known.has(h) && !(less && SAYS_HOW_MUCH.test(h)));
  return [...(less ? [less] : []), ...fresh.map(withoutLabel)].join(', ');
}
