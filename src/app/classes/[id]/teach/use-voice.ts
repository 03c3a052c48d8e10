'use client';

import { useEffect, useState } from 'react';
import { openVoice, type Voice, type VoiceOf } from '@/ui/voice/voice';

/** The voice that ships with Oskil, once it is wanted, with these phrases made ready in this order. */
export function useVoice(isWanted: boolean, of: VoiceOf, phrases: readonly string[]): Voice | null {
  const [voice, setVoice] = useState<Voice | null>(null);
  useEffect(() => {
    if (isWanted) setVoice(openVoice(of));
  }, [isWanted, of]);
  useEffect(() => {
    if (isWanted) void voice?.prepare(phrases);
  }, [voice, isWanted, phrases]);
  return isWanted ? voice : null;
}
