import type { factsOf } from '@/catalogue/class-facts';
import type { Draft, DraftWish } from '@/core/draft';
import type { Plan } from '@/core/plan';
import type { Result } from '@/core/result';

/** What is known of the class, as plain data, and what is wished. */
export type DraftJob = {
  readonly room: Parameters<typeof factsOf>[0];
  readonly lately: readonly Plan[];
  readonly breathMs: number;
  readonly wayIn?: Plan['wayIn'];
  readonly wish: DraftWish;
};

/** How often the solver has been asked, then the draft or why there is none. */
export type DraftReply =
  | { readonly kind: 'asked'; readonly times: number }
  | { readonly kind: 'done'; readonly result: Result<Draft> };
