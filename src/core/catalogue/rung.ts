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

/** One step of a movement's ladder; the usual form changes nothing. */
export type Rung = { readonly changes: RungChange | null; readonly words: string };

/** Gentlest first, the usual form among them. */
export type Ladder = readonly Rung[];

export const usualRungOf = (ladder: Ladder): number => ladder.findIndex((r) => r.changes === null);

/** The rung just under the usual form, in words. */
export const easierOf = ({ rungs }: { rungs: Ladder }): string => rungs[usualRungOf(rungs) - 1]?.words ?? '';
export const strongerOf = ({ rungs }: { rungs: Ladder }): string =>
  rungs[usualRungOf(rungs) + 1]?.words ?? '';
/** The gentlest form there is: for people who have not been screened. */
export const gentlestOf = ({ rungs }: { rungs: Ladder }): string => rungs[0]?.words ?? '';
