import { soundOfRow, USUAL_STYLE, type TaughtRow } from '../teach';
import { BESIDE_VOICE, clipTimes, muLaw, SPEECH_RATE, toneSamples, wavHead, type Tone } from '../voice';

/** Samples a second: a voice needs no more, and an hour stays under 60 MB. */
export const SOUND_RATE = SPEECH_RATE;
/** Made at once, in samples: the caller hears after each how far it is. */
const STRETCH = SOUND_RATE * 20;

/** What a sound file is made of: tones, and clips of the voice by their words, none beyond the next; ms from the start. */
export type SoundScore = {
  readonly lengthMs: number;
  readonly tones: readonly { readonly atMs: number; readonly tone: Tone }[];
  readonly clips: readonly { readonly atMs: number; readonly untilMs: number; readonly clip: string }[];
};

/** A class as planned: each movement by its name as it begins, then its count as it is said. */
export function scoreOf(rows: readonly TaughtRow[]): SoundScore {
  const sounds = rows.map((row) => soundOfRow(row, USUAL_STYLE));
  const names = rows.map((row) => ({ atMs: row.plannedStartMs + NAME_AFTER_MS, word: row.title }));
  const said = [...names, ...sounds.flatMap((s) => s.sayings)].sort((a, b) => a.atMs - b.atMs);
  const clips = said.flatMap(({ atMs, word }) =>
    clipTimes(word).map((c) => ({ clip: c.clip, atMs: atMs + c.atMs })),
  );
  const last = rows.at(-1);
  const lengthMs = last ? last.plannedStartMs + last.plannedMs : 0;
  return {
    lengthMs,
    tones: sounds.flatMap((s) => s.clicks.map(({ atMs, tone }) => ({ atMs, tone }))),
    clips: clips.map((c, i) => ({ ...c, untilMs: clips[i + 1]?.atMs ?? lengthMs })),
  };
}
const NAME_AFTER_MS = 300;

type Sounding = { readonly from: number; readonly samples: Float32Array };

/**
 * The sound of a score as a WAV file (mu-law, mono, 16,000 a second); `clips` are the samples of each clip at that rate, `onShare` is
 * told how much of it is done, 0 to 1.
 */
export function soundFile(
  score: SoundScore,
  clips: ReadonlyMap<string, Float32Array>,
  onShare: (share: number) => void = () => {},
): Uint8Array<ArrayBuffer> {
  const length = 2 * Math.ceil(sampleAt(score.lengthMs) / 2);
  const head = wavHead('mu-law', length, SOUND_RATE);
  const file = new Uint8Array(head.length + length);
  file.set(head);
  const sounding = soundingOf(score, clips);
  for (let from = 0; from < length; from += STRETCH) {
    const mixed = mixedFrom(sounding, from, Math.min(STRETCH, length - from));
    for (let i = 0; i < mixed.length; i++) file[head.length + from + i] = muLaw(mixed[i]!);
    onShare(Math.min(1, (from + STRETCH) / length));
  }
  return file;
}

function soundingOf(score: SoundScore, clips: ReadonlyMap<string, Float32Array>): readonly Sounding[] {
  const tones = score.tones.map(({ atMs, tone }) => ({
    from: sampleAt(atMs),
    samples: toneSamples(tone, SOUND_RATE, BESIDE_VOICE),
  }));
  const words = score.clips.flatMap(({ clip, atMs, untilMs }): Sounding[] => {
    const samples = clips.get(clip)?.subarray(0, sampleAt(untilMs - atMs));
    return samples ? [{ from: sampleAt(atMs), samples }] : [];
  });
  return [...tones, ...words];
}

/** Everything that sounds in one stretch, added up. */
function mixedFrom(sounding: readonly Sounding[], from: number, length: number): Float32Array {
  const mixed = new Float32Array(length);
  for (const { from: begun, samples } of sounding) {
    const first = Math.max(0, from - begun);
    const last = Math.min(samples.length, from + length - begun);
    for (let i = first; i < last; i++) mixed[begun - from + i]! += samples[i]!;
  }
  return mixed;
}

const sampleAt = (atMs: number): number => Math.round((atMs * SOUND_RATE) / 1_000);
