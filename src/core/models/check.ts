/** Some points of a check: a line, or what was published, measured or read. */
export type CheckSeries = {
  readonly name: string;
  /** The model is a line; what it is held against are points. */
  readonly as: 'line' | 'points';
  readonly points: readonly (readonly [x: number, y: number])[];
};

/** What a model is held against, as a picture: axes with their units, and in which range it is to be believed. */
export type ModelCheck = {
  readonly title: string;
  readonly x: string;
  readonly y: string;
  readonly series: readonly CheckSeries[];
  /** From and to, in the unit of x. */
  readonly valid: readonly [from: number, to: number];
  /** What the picture shows, in a sentence with its numbers. */
  readonly says: string;
};

/** So many steps from one number to another, both of them in. */
export const stepsFrom = (from: number, to: number, steps: number): readonly number[] =>
  Array.from({ length: steps + 1 }, (_, i) => Math.round((from + ((to - from) * i) / steps) * 1e6) / 1e6);

/** Shares as whole percents. */
export const percent = (share: number): number => Math.round(share * 100);
