'use client';

import { useCallback, useEffect, useRef, useState } from 'react';
import type { Beat } from '@/core/dose/script';
import { ticksOf, type Tick } from '@/core/teach/ticks';
import type { TeachState } from '@/core/teach/state';
import { offsetAtTime } from '@/core/teach/transport';

export type SoundChoice = 'silent' | 'clicks' | 'voice';

/** How far ahead clicks are put on the audio clock, so that a busy page cannot make the count stumble. */
const AHEAD_MS = 1_500;
const LOOK_EVERY_MS = 250;

const TONES: Record<Tick['tone'], { hz: number; seconds: number; gain: number }> = {
  count: { hz: 880, seconds: 0.05, gain: 0.5 },
  second: { hz: 520, seconds: 0.04, gain: 0.22 },
  breath: { hz: 330, seconds: 0.35, gain: 0.3 },
  change: { hz: 660, seconds: 0.3, gain: 0.4 },
};

/** Clicks of the running count on the audio clock, and its words by the browser's voice where it has one. */
export function useCountSound(state: TeachState, beats: readonly Beat[], now: () => number, rate: number) {
  const audio = useRef<AudioContext | null>(null);
  const [choice, setChoice] = useState<SoundChoice>('clicks');

  /** Browsers let sound start only from a key or a tap. */
  const wake = useCallback(() => {
    if (typeof AudioContext === 'undefined') return;
    audio.current ??= new AudioContext();
    if (audio.current.state === 'suspended') void audio.current.resume();
  }, []);

  useEffect(() => {
    const context = audio.current;
    if (!context || choice === 'silent' || !state.running || state.phase !== 'count') return;
    const ticks = ticksOf(beats);
    const startOffset = offsetAtTime(state, now());
    const startAudio = context.currentTime;
    const sounding: AudioScheduledSourceNode[] = [];
    const timers: ReturnType<typeof setTimeout>[] = [];
    let next = ticks.findIndex((t) => t.atMs >= startOffset);

    const look = () => {
      const until = context.currentTime + AHEAD_MS / 1000;
      while (next >= 0 && next < ticks.length) {
        const tick = ticks[next]!;
        const at = startAudio + (tick.atMs - startOffset) / 1000 / rate;
        if (at > until) return;
        sounding.push(click(context, tick.tone, at));
        if (choice === 'voice' && tick.word)
          timers.push(setTimeout(() => say(tick.word), Math.max(0, (at - context.currentTime) * 1000)));
        next++;
      }
    };
    look();
    const timer = setInterval(look, LOOK_EVERY_MS);
    return () => {
      clearInterval(timer);
      timers.forEach(clearTimeout);
      sounding.forEach((node) => node.stop());
      if (typeof speechSynthesis !== 'undefined') speechSynthesis.cancel();
    };
  }, [state, beats, now, rate, choice]);

  return { choice, setChoice, wake };
}

function click(context: AudioContext, tone: Tick['tone'], at: number): AudioScheduledSourceNode {
  const { hz, seconds, gain } = TONES[tone];
  const source = context.createOscillator();
  const level = context.createGain();
  source.frequency.value = hz;
  level.gain.setValueAtTime(0, at);
  level.gain.linearRampToValueAtTime(gain, at + 0.004);
  level.gain.exponentialRampToValueAtTime(0.001, at + seconds);
  source.connect(level).connect(context.destination);
  source.start(at);
  source.stop(at + seconds + 0.02);
  return source;
}

/** Never required: without a voice the clicks carry the count. */
function say(word: string) {
  if (typeof speechSynthesis === 'undefined' || speechSynthesis.getVoices().length === 0) return;
  const words = new SpeechSynthesisUtterance(word);
  words.rate = 1.1;
  speechSynthesis.cancel();
  speechSynthesis.speak(words);
}
