import type { Click } from '@/core/formats/click-wav';

export type TrackJob = { readonly clicks: readonly Click[]; readonly lengthMs: number };

/** How much of the track is made, then the file. */
export type TrackReply =
  | { readonly kind: 'share'; readonly share: number }
  | { readonly kind: 'done'; readonly file: Uint8Array<ArrayBuffer> };
