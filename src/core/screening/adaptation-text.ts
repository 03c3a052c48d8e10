import { doseWords, type Dose, type Hand } from '../dose';
import { adaptedDose } from './adaptation';
import type { HandVerdict, Verdict } from './verdict';

/** All that is asked of a hand, with what is left of the dose where it does less: "half the count: 3 times each hand". */
export function adaptationText({ how, kind, adaptation }: HandVerdict, dose: Dose): string {
  const [first, ...rest] = how;
  const own = doseWords(adaptedDose(dose, adaptation));
  const less = kind === 'adapt' && own !== doseWords(dose) ? `: ${own}` : '';
  return first ? [`${first}${less}`, ...rest].join('; ') : '';
}

/** Everything that is asked of either hand beside the count, each once. */
export const adaptationsAsked = (verdict: Verdict | null): ReadonlySet<string> =>
  new Set(verdict ? [verdict.L, verdict.R].flatMap((v) => (v.kind === 'adapt' ? v.how : [])) : []);

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
  return [left && `left: ${left}`, right && `right: ${right}`].filter(Boolean).join('; ');
}

function shortWayOf(verdict: HandVerdict, dose: Dose, known: ReadonlySet<string>): string {
  if (verdict.kind === 'do') return '';
  if (verdict.kind === 'leaveOut') return 'rest';
  const fresh = verdict.how.filter((h) => !known.has(h));
  const own = doseWords(adaptedDose(dose, verdict.adaptation));
  const less = verdict.kind === 'adapt' && own !== doseWords(dose) ? [own] : [];
  return [...fresh, ...less].join(', ');
}
