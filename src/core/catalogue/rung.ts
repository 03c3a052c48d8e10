import type { Position, Trait } from './features';

/** The one thing a rung changes from the rung below it. */
export const RUNG_CHANGES = [
  'support',
  'range',
  'tempo',
  'count',
  'hold',
  'resistance',
  'lever',
  'hand position',
  'coordination',
  'position',
] as const;
export type RungChange = (typeof RUNG_CHANGES)[number];

/** What a rung puts on the hands, or takes from them, beside the one thing that it changes. */
type RungExposure = {
  readonly adds?: readonly Trait[];
  readonly lifts?: readonly Trait[];
  readonly position?: Position;
  readonly effortOf10?: number;
};

/**
 * One step of a movement's ladder; the usual form changes nothing. A smaller range is `drawn` as this share of the usual movement,
 * where that is all that looks different.
 */
type Rung = { readonly changes: RungChange | null; readonly words: string } & RungDetail;
export type RungDetail = RungExposure & { readonly drawn?: number };

/** Gentlest first, the usual form among them. */
export type Ladder = readonly Rung[];

export const usualRungOf = (ladder: Ladder): number => ladder.findIndex((r) => r.changes === null);

/** A ladder and where somebody stands on it, from the gentlest, 0; the usual form where nothing is said. */
type OnLadder = { readonly rungs: Ladder; readonly standsOn?: number | undefined };

export const currentRung = ({ rungs, standsOn }: OnLadder): number =>
  Math.min(rungs.length - 1, standsOn ?? usualRungOf(rungs));

/** The rung just under the one stood on; the gentlest has none under it. */
export const rungEasier = (on: OnLadder): Rung | undefined => on.rungs[currentRung(on) - 1];
/** The same in words; of the gentlest its own. */
export const easierOf = (on: OnLadder): string => (rungEasier(on) ?? on.rungs[0])?.words ?? '';
export const strongerOf = (on: OnLadder): string => on.rungs[currentRung(on) + 1]?.words ?? '';
/** The rung stood on, in words; empty on the usual one. */
export const rungNoteOf = (on: OnLadder): string =>
  currentRung(on) === usualRungOf(on.rungs) ? '' : (on.rungs[currentRung(on)]?.words ?? '');

/** A way of a row that everyone may take: what kind it is, and how it is done. */
export type WayForAll = readonly [name: 'Easier' | 'Stronger' | 'Nothing in the hands', words: string];

/** The easier and the stronger way of a row, and the one with nothing in the hands, where there are any. */
export const waysForAll = (
  movement: OnLadder & { readonly propId: string | null; readonly noProp: string },
): readonly WayForAll[] =>
  (
    [
      ['Easier', easierOf(movement)],
      ['Stronger', strongerOf(movement)],
      ['Nothing in the hands', movement.propId ? movement.noProp : ''],
    ] as const
  ).filter(([, words]) => words !== '');
