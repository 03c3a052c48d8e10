'use client';

import { useRef, useState } from 'react';
import type { OwnWord } from '@/core/voice';
import { requestJson } from '@/ui/request-json';
import { openMicrophone } from '@/ui/voice/microphone';
import { ownWordFrom } from '@/ui/voice/own-word';

const WORD_S = 2;

/** Records words one after the other, and keeps each at once; what was not heard is told at the end. */
export function useRecording(onKept: (word: OwnWord) => void) {
  const [turn, setTurn] = useState<{ readonly now: string; readonly left: number } | null>(null);
  const [trouble, setTrouble] = useState<string | null>(null);
  const stopped = useRef(false);

  const record = async (words: readonly string[]) => {
    const opened = await openMicrophone();
    if (!opened.ok) return setTrouble(opened.message);
    const microphone = opened.value;
    const unheard: string[] = [];
    for (const [i, now] of words.entries()) {
      if (stopped.current) break;
      setTurn({ now, left: words.length - 1 - i });
      const heard = await microphone.listen(WORD_S);
      if (stopped.current) break;
      const word = await ownWordFrom(now, heard, microphone.sampleRate);
      const kept = word && (await requestJson('PUT', '/api/voice', word));
      if (kept?.ok) onKept(word!);
      else if (kept) {
        setTrouble(kept.message);
        break;
      } else unheard.push(now);
    }
    microphone.close();
    if (unheard.length > 0)
      setTrouble(`Not heard: ${unheard.join(', ')}. Come nearer, and record them again.`);
  };

  return {
    /** The word to be said now; null while nothing is recorded. */
    now: turn?.now ?? null,
    left: turn?.left ?? 0,
    trouble,
    start: (words: readonly string[]) => {
      stopped.current = false;
      setTrouble(null);
      void record(words).finally(() => setTurn(null));
    },
    stop: () => {
      stopped.current = true;
    },
  };
}
