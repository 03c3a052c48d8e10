import { BESIDE_VOICE, END_GAIN, RISE_S, TONES, type Tone } from '@/core/voice';

/** One click on the audio clock; returns what sounds, to be stopped early. */
export function click(
  context: BaseAudioContext,
  out: AudioNode,
  tone: Tone,
  at: number,
  besideVoice: boolean,
): AudioScheduledSourceNode {
  const { hz, seconds, gain } = TONES[tone];
  const source = context.createOscillator();
  const level = context.createGain();
  source.frequency.value = hz;
  level.gain.setValueAtTime(0, at);
  level.gain.linearRampToValueAtTime(gain * (besideVoice ? BESIDE_VOICE : 1), at + RISE_S);
  level.gain.exponentialRampToValueAtTime(END_GAIN, at + seconds);
  source.connect(level).connect(out);
  source.start(at);
  source.stop(at + seconds + 0.02);
  return source;
}
