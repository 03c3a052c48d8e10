import type { WavClick } from '@/core/formats';

export type TrackJob = { readonly clicks: readonly WavClick[]; readonly lengthMs: number };
