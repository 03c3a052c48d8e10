import type { WavClick } from '@/core/formats';

export type TrackJob = { readonly clicks: readonly WavClick[]; readonly lengthMs: number };

/** How much of the track is made, then the file. */
export type TrackReply =
  | { readonly kind: 'share'; readonly share: number }
  | { readonly kind: 'done'; readonly file: Uint8Array<ArrayBuffer> };
