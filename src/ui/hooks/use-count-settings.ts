'use client';

import { useCallback, useEffect, useState } from 'react';
import { z } from 'zod';
import { countStyleSchema, USUAL_STYLE } from '@/core/teach';
import { VOICES } from '@/ui/voice/voice';

export const SOUNDS = ['silent', 'clicks', 'voice'] as const;
export const MIRRORS = ['as in a mirror', 'as seen'] as const;

const waysSchema = z.object({
  sound: z.enum(SOUNDS),
  voice: z.enum(VOICES).default('Oskil'),
  /** 0 to 100. */
  volume: z.number().min(0).max(100),
  style: countStyleSchema,
  mirror: z.enum(MIRRORS),
});
/** How this instructor has the count on this machine. */
export type CountSettings = z.infer<typeof waysSchema>;

export const USUAL_COUNT_SETTINGS: CountSettings = {
  sound: 'clicks',
  voice: 'Oskil',
  volume: 80,
  style: USUAL_STYLE,
  mirror: 'as in a mirror',
};
const KEY = 'oskil-ways';

/** The choices, kept on this machine from one class to the next. */
export function useCountSettings(
  start: Partial<CountSettings> = {},
): readonly [CountSettings, (change: Partial<CountSettings>) => void] {
  const [settings, setSettings] = useState<CountSettings>({ ...USUAL_COUNT_SETTINGS, ...start });
  useEffect(() => {
    setSettings((now) => ({ ...now, ...keptWays(), ...start }));
    // What was kept is read once; the page's own start does not change.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, []);
  /** Only what was chosen is kept, not what a page begins with. */
  const change = useCallback((part: Partial<CountSettings>) => {
    localStorage.setItem(KEY, JSON.stringify({ ...USUAL_COUNT_SETTINGS, ...keptWays(), ...part }));
    setSettings((now) => ({ ...now, ...part }));
  }, []);
  return [settings, change];
}

function keptWays(): Partial<CountSettings> {
  try {
    const kept = waysSchema.safeParse(JSON.parse(localStorage.getItem(KEY) ?? 'null'));
    return kept.success ? kept.data : {};
  } catch {
    return {};
  }
}
