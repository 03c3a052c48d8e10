import { CLIP_GAP_MS } from '@/core/voice';
import type { Clip } from './voice';

/** How fast a clip that is cut short dies away, s. */
const FADE = 0.015;

/** A phrase on the audio clock, from `at` and ended by `until`, s; returns what sounds, to be stopped early. */
export function sayAt(
  context: BaseAudioContext,
  out: AudioNode,
  clips: readonly Clip[],
  at: number,
  until = Infinity,
): readonly AudioScheduledSourceNode[] {
  const sounding: AudioScheduledSourceNode[] = [];
  let from = at;
  for (const { buffer, from: offset, seconds } of clips) {
    if (from >= until - FADE) break;
    const source = context.createBufferSource();
    source.buffer = buffer;
    const end = Math.min(from + seconds, until);
    if (end < from + seconds) {
      const level = context.createGain();
      level.gain.setValueAtTime(1, end - FADE);
      level.gain.linearRampToValueAtTime(0, end);
      source.connect(level).connect(out);
    } else source.connect(out);
    source.start(from, offset, end - from);
    sounding.push(source);
    from = end + CLIP_GAP_MS / 1000;
  }
  return sounding;
}
