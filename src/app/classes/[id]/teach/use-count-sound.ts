'use client';

import { useCallback, useEffect, useRef } from 'react';
import type { Beat } from '@/core/dose';
import {
  offsetAtTime,
  sayingsOf,
  seenZero,
  steeredZero,
  ticksOf,
  type RowVoice,
  type TeachState,
  type Tone,
} from '@/core/teach';
import type { CountSettings } from '@/ui/hooks/use-count-settings';

/** How far ahead clicks are put on the audio clock, so that a busy page cannot make the count stumble. A page behind others looks once a second. */
const AHEAD_MS = 2_500;
const LOOK_EVERY_MS = 250;
const JUST_BEGUN_MS = 200;

const TONES: Record<Tone, { hz: number; seconds: number; gain: number }> = {
  count: { hz: 880, seconds: 0.05, gain: 0.6 },
  second: { hz: 520, seconds: 0.04, gain: 0.28 },
  breath: { hz: 330, seconds: 0.35, gain: 0.38 },
  change: { hz: 660, seconds: 0.3, gain: 0.5 },
};

type Asked = Pick<CountSettings, 'sound' | 'volume' | 'style'>;

/** Clicks of the running count on the audio clock, and its words by the browser's voice where it has one. */
export function useCountSound(
  state: TeachState,
  beats: readonly Beat[],
  voice: RowVoice,
  now: () => number,
  rate: number,
  { sound, volume, style }: Asked,
) {
  const audio = useRef<{ context: AudioContext; level: GainNode } | null>(null);
  const zero = useRef<number | null>(null);

  /** Browsers let sound start only from a key or a tap. */
  const wake = useCallback(() => {
    if (typeof AudioContext === 'undefined') return;
    if (!audio.current) {
      const context = new AudioContext();
      const level = context.createGain();
      level.connect(context.destination);
      audio.current = { context, level };
    }
    if (audio.current.context.state === 'suspended') void audio.current.context.resume();
  }, []);

  useEffect(() => {
    audio.current?.level.gain.setValueAtTime(volume / 100, audio.current.context.currentTime);
  }, [volume, state]);

  useEffect(() => {
    if (!audio.current || sound === 'silent' || !state.running || state.phase !== 'count') return;
    const { context, level } = audio.current;
    const ticks = ticksOf(beats, style, voice);
    const sayings = sound === 'voice' ? sayingsOf(beats, style, voice) : [];
    /** Where the count began on the class clock, ms. */
    const countFrom = state.anchorMs - state.offsetMs;
    const offset = offsetAtTime(state, now());
    // From the key to here a few milliseconds have gone; what was due with the key is heard all the same.
    const fromMs = offset - state.offsetMs < JUST_BEGUN_MS * rate ? state.offsetMs : offset;
    const sounding: AudioScheduledSourceNode[] = [];
    const timers: ReturnType<typeof setTimeout>[] = [];
    let next = { tick: firstFrom(ticks, fromMs), saying: firstFrom(sayings, fromMs) };

    const look = () => {
      const seen = seenZero(context.currentTime, now(), rate);
      zero.current = zero.current === null ? seen : steeredZero(zero.current, seen);
      const at = (atMs: number) => zero.current! + (countFrom + atMs) / 1000 / rate;
      const until = context.currentTime + AHEAD_MS / 1000;
      let { tick, saying } = next;
      for (; tick < ticks.length && at(ticks[tick]!.atMs) <= until; tick++)
        sounding.push(
          click(context, level, ticks[tick]!.tone, Math.max(at(ticks[tick]!.atMs), context.currentTime)),
        );
      for (; saying < sayings.length && at(sayings[saying]!.atMs) <= until; saying++) {
        const { word, atMs } = sayings[saying]!;
        const inMs = Math.max(0, (at(atMs) - context.currentTime) * 1000);
        timers.push(setTimeout(() => say(word, volume / 100), inMs));
      }
      next = { tick, saying };
    };
    look();
    const timer = setInterval(look, LOOK_EVERY_MS);
    return () => {
      clearInterval(timer);
      timers.forEach(clearTimeout);
      sounding.forEach((node) => node.stop());
      if (typeof speechSynthesis !== 'undefined') speechSynthesis.cancel();
    };
  }, [state, beats, voice, now, rate, sound, volume, style]);

  return { wake };
}

const firstFrom = (list: readonly { readonly atMs: number }[], offsetMs: number): number => {
  const first = list.findIndex((t) => t.atMs >= offsetMs);
  return first < 0 ? list.length : first;
};

function click(context: AudioContext, out: AudioNode, tone: Tone, at: number): AudioScheduledSourceNode {
  const { hz, seconds, gain } = TONES[tone];
  const source = context.createOscillator();
  const level = context.createGain();
  source.frequency.value = hz;
  level.gain.setValueAtTime(0, at);
  level.gain.linearRampToValueAtTime(gain, at + 0.004);
  level.gain.exponentialRampToValueAtTime(0.001, at + seconds);
  source.connect(level).connect(out);
  source.start(at);
  source.stop(at + seconds + 0.02);
  return source;
}

/** Never required: without a voice the clicks carry the count. */
function say(word: string, volume: number) {
  if (typeof speechSynthesis === 'undefined' || speechSynthesis.getVoices().length === 0) return;
  const words = new SpeechSynthesisUtterance(word);
  words.rate = 1.1;
  words.volume = volume;
  speechSynthesis.cancel();
  speechSynthesis.speak(words);
}
