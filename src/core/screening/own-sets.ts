import { plural } from '../words';
import { NO_ADAPTATION } from './adaptation';
import { worseOf, type HandVerdict, type Verdict } from './verdict';

/** A verdict on so many sets as the dose was judged with, told as a way of one's own. */
export function withOwnSets({ L, R }: Verdict, sets: number): Verdict {
  const [left, right] = [ownSets(L, sets), ownSets(R, sets)];
  return { L: left, R: right, worst: worseOf(left.kind, right.kind) };
}

function ownSets(verdict: HandVerdict, sets: number): HandVerdict {
  const { kind, adaptation, reasons, how } = verdict;
  // Of half the count there is one set, whatever was agreed.
  if (kind === 'swap' || kind === 'leaveOut' || adaptation.countShare < 1) return verdict;
  return {
    ...verdict,
    kind: 'adapt',
    reasons: [...reasons, 'as agreed'],
    how: [plural(sets, 'set'), ...how],
    adaptation: { ...(kind === 'do' ? NO_ADAPTATION : adaptation), sets },
  };
}
