'use client';

import { useCallback, useEffect, useRef, useState } from 'react';

export type Audio = { readonly context: AudioContext; readonly level: GainNode };
export type AudioNow = 'not yet' | 'running' | 'held back';

/**
 * The sound of the page: it begins with the first key or tap, as browsers ask, and after a call or another program has taken it away
 * each key or tap, and coming back to the page, wakes it again.
 */
export function useAudio(volume: number): {
  readonly audio: Audio | null;
  readonly audioNow: AudioNow;
  readonly wake: () => Audio | null;
} {
  const [audio, setAudio] = useState<Audio | null>(null);
  const [audioNow, setAudioNow] = useState<AudioNow>('not yet');
  const made = useRef<Audio | null>(null);

  const wake = useCallback((): Audio | null => {
    if (typeof AudioContext === 'undefined') return null;
    if (!made.current) {
      const context = new AudioContext();
      const level = context.createGain();
      level.connect(context.destination);
      const heard = () => setAudioNow(context.state === 'running' ? 'running' : 'held back');
      context.addEventListener('statechange', heard);
      heard();
      made.current = { context, level };
      setAudio(made.current);
    }
    const { context } = made.current;
    if (context.state !== 'running') void context.resume();
    return made.current;
  }, []);

  useEffect(() => {
    audio?.level.gain.setValueAtTime(volume / 100, audio.context.currentTime);
  }, [audio, volume]);

  useEffect(() => {
    const again = () => {
      const context = made.current?.context;
      if (context && context.state !== 'running') void context.resume();
    };
    for (const kind of ['pointerdown', 'keydown', 'visibilitychange']) document.addEventListener(kind, again);
    return () => {
      for (const kind of ['pointerdown', 'keydown', 'visibilitychange'])
        document.removeEventListener(kind, again);
    };
  }, []);

  return { audio, audioNow, wake };
}
