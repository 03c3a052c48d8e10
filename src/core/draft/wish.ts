import type { Purpose } from '../catalogue';

/** What an instructor wants more of. */
export const FOCUSES = ['stiffness', 'grip', 'bone', 'calm'] as const;
export type Focus = (typeof FOCUSES)[number];

export const FOCUS_PURPOSE: Readonly<Record<Focus, Purpose>> = {
  stiffness: 'glide',
  grip: 'grip',
  bone: 'load',
  calm: 'ease',
};

export type DraftWish = {
  readonly focus: readonly Focus[];
  /** Movements that must be there, and movements that must not. */
  readonly pinned: readonly string[];
  readonly banned: readonly string[];
  /** Movements to keep as far as they fit: those of a half-made or an earlier class. */
  readonly kept: readonly string[];
  /** Movements of the draft before that stay while one is swapped; where that cannot be, the rest is drafted again. */
  readonly stays: readonly string[];
  /** Nothing in the hands. */
  readonly withoutProps: boolean;
  /** Length to fill, ms; the slot, or less. */
  readonly lengthMs: number;
  readonly seed: number;
};

/** A wish for nothing in particular, of the length of the class. */
export const plainWish = (lengthMs: number): DraftWish => ({
  focus: [],
  pinned: [],
  banned: [],
  kept: [],
  stays: [],
  withoutProps: false,
  lengthMs,
  seed: 1,
});
