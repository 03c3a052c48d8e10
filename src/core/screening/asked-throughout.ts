import type { Hand } from '../dose';
import { adaptationsAsked, type KnownAdaptations } from './adaptation-text';
import type { Verdict } from './verdict';

/** Share of the rows from which something asked of a person is said once for all of them. */
const THROUGHOUT_SHARE = 0.35;
/** A hand that rests in so many rows rests unless it is said to do something. */
const REST_SHARE = 0.5;
const REST_WORDS = {
  L: 'left rests where nothing else is said',
  R: 'right rests where nothing else is said',
} as const;

/** In a shorter class nothing is said once for all of it. */
const FEWEST_ROWS = 3;

/** What each person is asked in most rows, by person id; a row is its verdicts by person id. */
export function askedThroughout(
  verdicts: Iterable<ReadonlyMap<string, Verdict>>,
  people: readonly { readonly id: string }[],
): ReadonlyMap<string, KnownAdaptations> {
  const all = [...verdicts];
  const rows = all.length < FEWEST_ROWS ? [] : all;
  return new Map(
    people.map((p) => {
      const asked = rows.flatMap((of) => [...adaptationsAsked(of.get(p.id) ?? null)]);
      const often = asked.filter(
        (a) => asked.filter((b) => b === a).length >= rows.length * THROUGHOUT_SHARE,
      );
      const resting = (hand: Hand) => rows.filter((of) => of.get(p.id)?.[hand].kind === 'leaveOut').length;
      const rests = HANDS.filter((hand) => rows.length > 0 && resting(hand) >= rows.length * REST_SHARE);
      return [p.id, { asked: new Set(often), rests: new Set(rests) }] as const;
    }),
  );
}
const HANDS = ['L', 'R'] as const;

/** What one person is asked throughout, in words; empty where there is nothing. */
export const throughoutWords = ({ asked, rests }: KnownAdaptations): string =>
  [...[...rests].map((hand) => REST_WORDS[hand]), ...asked].join('; ');
