import type { OwnMovement } from '@/core/catalogue';
import type { Played, PlayFacts, PlayOptions } from '@/core/term';

/** A term as plain data, and how to play it. */
export type PlayJob = {
  readonly term: Omit<PlayFacts, 'catalogue' | 'cautions'>;
  readonly own: readonly OwnMovement[];
  readonly options: PlayOptions;
};

/** How many plays are done, then what they came to. */
export type PlayReply =
  { readonly kind: 'played'; readonly plays: number } | { readonly kind: 'done'; readonly played: Played };
