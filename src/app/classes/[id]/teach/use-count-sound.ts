'use client';

import { useCallback, useEffect, useMemo, useRef } from 'react';
import type { Beat } from '@/core/dose';
import {
  offsetAtTime,
  seenZero,
  soundOf,
  soundOfRow,
  steeredZero,
  type RowVoice,
  type TaughtRow,
  type TeachState,
} from '@/core/teach';
import type { CountSettings } from '@/ui/hooks/use-count-settings';
import { click } from '@/ui/voice/click';
import { sayAt } from '@/ui/voice/play';
import { hush, sayAloud } from '@/ui/voice/say-aloud';
import { useAudio, type AudioNow } from './use-audio';
import { useVoice } from './use-voice';

/** How far ahead sound is put on the audio clock, so that a busy page cannot make the count stumble. A page behind others looks once a second. */
const AHEAD_MS = 2_500;
const LOOK_EVERY_MS = 250;
const JUST_BEGUN_MS = 200;
/** What is tried out, a second apart. */
const TRIED = ['ready', 'and', '1', '2', '3', 'and rest'];

type Asked = Pick<CountSettings, 'sound' | 'voice' | 'volume' | 'style'>;

export type CountSound = {
  /** Browsers let sound start only from a key or a tap. */
  readonly wake: () => void;
  readonly audioNow: AudioNow;
  /** Hear it now. */
  readonly tryOut: () => Promise<void>;
  /** Whether the voice of its own is there; null while it is being fetched. */
  readonly hasVoice: boolean | null;
};

/** Clicks and words of the running count on the audio clock; the browser's own voice for words that no sound file has. */
export function useCountSound(
  state: TeachState,
  rows: readonly TaughtRow[],
  beats: readonly Beat[],
  voice: RowVoice,
  now: () => number,
  rate: number,
  { sound, voice: voiceOf, volume, style }: Asked,
): CountSound {
  const { audio, audioNow, wake } = useAudio(volume);
  const zero = useRef<number | null>(null);
  const talks = sound === 'voice';

  /** Everything that this class will have said, so that it is decoded before it is needed. */
  const words = useMemo(
    () => [...new Set([...TRIED, ...rows.flatMap((r) => soundOfRow(r, style).sayings.map((s) => s.word))])],
    [rows, style],
  );
  const speaker = useVoice(talks, voiceOf, words);

  useEffect(() => {
    if (!audio || sound === 'silent' || !state.running || state.phase !== 'count') return;
    const { context, level } = audio;
    const { clicks: ticks, sayings: words } = soundOf(beats, style, voice);
    const sayings = talks ? words : [];
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
      const soon = (atMs: number) => Math.max(at(atMs), context.currentTime);
      const until = context.currentTime + AHEAD_MS / 1000;
      let { tick, saying } = next;
      for (; tick < ticks.length && at(ticks[tick]!.atMs) <= until; tick++)
        sounding.push(click(context, level, ticks[tick]!.tone, soon(ticks[tick]!.atMs), talks));
      for (; saying < sayings.length && at(sayings[saying]!.atMs) <= until; saying++) {
        const { word, atMs } = sayings[saying]!;
        const clips = speaker?.clips(word);
        const after = sayings[saying + 1];
        if (clips) sounding.push(...sayAt(context, level, clips, soon(atMs), after && at(after.atMs)));
        else if (speaker?.can(word) === false) {
          const inMs = Math.max(0, (at(atMs) - context.currentTime) * 1000);
          timers.push(setTimeout(() => sayAloud(word, volume / 100), inMs));
        }
        // It is still being made ready: asked again at the next look, as long as it is to come.
        else if (at(atMs) > context.currentTime) {
          void speaker?.prepare([word]);
          break;
        }
      }
      next = { tick, saying };
    };
    look();
    const timer = setInterval(look, LOOK_EVERY_MS);
    return () => {
      clearInterval(timer);
      timers.forEach(clearTimeout);
      sounding.forEach((node) => node.stop());
      hush();
    };
  }, [audio, speaker, state, beats, voice, now, rate, sound, talks, volume, style]);

  const tryOut = useCallback(async () => {
    const woken = wake();
    if (!woken) return;
    await speaker?.prepare(TRIED);
    const { context, level } = woken;
    const from = context.currentTime + 0.1;
    TRIED.forEach((word, i) => {
      click(context, level, i < 2 ? 'second' : 'count', from + i, talks);
      const clips = speaker?.clips(word);
      if (clips) sayAt(context, level, clips, from + i, from + i + 1);
    });
  }, [wake, speaker, talks]);

  return { wake, audioNow, tryOut, hasVoice: speaker?.can('1') ?? null };
}

const firstFrom = (list: readonly { readonly atMs: number }[], offsetMs: number): number => {
  const first = list.findIndex((t) => t.atMs >= offsetMs);
  return first < 0 ? list.length : first;
};
