import type { ModelCheck } from './check';

/** A model as it is told to whoever asks where a number comes from. */
export type ModelTold = {
  /** Part of the address that a number links to. */
  readonly id: string;
  readonly name: string;
  /** What it answers, and on which screens. */
  readonly use: string;
  /** What goes in, each with its unit. */
  readonly goesIn: readonly string[];
  /** What comes out, with its unit and how far it may be off. */
  readonly comesOut: string;
  /** Author and year; that it is ours where nobody published it. */
  readonly sources: readonly string[];
  readonly limits: readonly string[];
  /** What it is held against, where there is something to be held against. */
  readonly checks: readonly (() => ModelCheck)[];
};
