import type { SoundScore } from '@/core/formats';

/** A score and the samples of each clip it needs, at the rate of the file. */
export type SoundJob = {
  readonly score: SoundScore;
  readonly clips: readonly (readonly [clip: string, samples: Float32Array])[];
};
