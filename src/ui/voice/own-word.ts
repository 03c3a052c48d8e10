import { asClip, LONGEST_WORD_S, muLaw, SPEECH_RATE, type OwnWord } from '@/core/voice';

/** A recording as it is kept: cut to what is said, as loud as every other word, in the rate of speech; null where nothing is heard. */
export async function ownWordFrom(
  word: string,
  samples: Float32Array,
  sampleRate: number,
): Promise<OwnWord | null> {
  const clip = asClip(samples, sampleRate)?.slice(0, LONGEST_WORD_S * sampleRate);
  if (!clip) return null;
  const length = Math.ceil((clip.length * SPEECH_RATE) / sampleRate);
  const resampler = new OfflineAudioContext(1, length, SPEECH_RATE);
  const buffer = new AudioBuffer({ length: clip.length, sampleRate });
  buffer.copyToChannel(clip, 0);
  const source = resampler.createBufferSource();
  source.buffer = buffer;
  source.connect(resampler.destination);
  source.start();
  const heard = (await resampler.startRendering()).getChannelData(0);
  const bytes = Array.from(heard, (s) => String.fromCharCode(muLaw(s)));
  return { word, sound: btoa(bytes.join('')) };
}
