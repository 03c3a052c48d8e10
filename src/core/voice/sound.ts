/** What is quieter than the loudest by this much is no speech any more. */
const SILENCE_DB = -38;
/** Kept before and after what is heard, ms, so that soft consonants are whole. */
const MARGIN_MS = 12;
/** How loud every clip is on average while it sounds, and at its very loudest, of full scale. */
const LEVEL = 0.14;
const LOUDEST = 0.89;

type Spoken = { readonly from: number; readonly to: number };

/** Where speech begins and ends in a recording, as sample positions; null where nothing is heard. */
export function spokenPart(samples: Float32Array, sampleRate: number): Spoken | null {
  const loudest = samples.reduce((most, s) => Math.max(most, Math.abs(s)), 0);
  if (loudest < 0.01) return null;
  const heard = loudest * 10 ** (SILENCE_DB / 20);
  const margin = Math.round((MARGIN_MS / 1000) * sampleRate);
  const first = samples.findIndex((s) => Math.abs(s) >= heard);
  const last = samples.findLastIndex((s) => Math.abs(s) >= heard);
  return { from: Math.max(0, first - margin), to: Math.min(samples.length, last + 1 + margin) };
}

/** The factor that makes a clip as loud as every other, without ever overdriving it. */
function levelOf(samples: Float32Array): number {
  const loudest = samples.reduce((most, s) => Math.max(most, Math.abs(s)), 0);
  if (loudest === 0) return 1;
  const sounding = samples.filter((s) => Math.abs(s) > loudest / 20);
  const mean = Math.sqrt(sounding.reduce((sum, s) => sum + s * s, 0) / sounding.length);
  return Math.min(LEVEL / mean, LOUDEST / loudest);
}

/** A recording cut to what is said, as loud as every other; null where nothing is heard. */
export function asClip(samples: Float32Array, sampleRate: number): Float32Array<ArrayBuffer> | null {
  const part = spokenPart(samples, sampleRate);
  if (!part) return null;
  const cut = samples.slice(part.from, part.to);
  const level = levelOf(cut);
  return cut.map((s) => s * level);
}
