'use client';

import { useCallback, useEffect, useRef, useState } from 'react';
import { readTrial, type Sample, type Trial } from '@/core/measure';
import type { Meter } from './meter';

export type Squeeze = {
  readonly samples: readonly Sample[];
  readonly reading: boolean;
  readonly trial: Trial | null;
};

const NONE: Squeeze = { samples: [], reading: false, trial: null };

/** One squeeze: its readings as they come, and what they are once they have ended. */
export function useSqueeze(onTrial: (trial: Trial) => void) {
  const [squeeze, setSqueeze] = useState<Squeeze>(NONE);
  const running = useRef<AbortController | null>(null);
  useEffect(() => () => running.current?.abort(), []);

  const start = useCallback(
    async (meter: Meter) => {
      running.current?.abort();
      const control = new AbortController();
      running.current = control;
      let samples: readonly Sample[] = [];
      setSqueeze({ ...NONE, reading: true });
      const ended = (trial: Trial) => {
        if (control.signal.aborted) return;
        setSqueeze({ samples, reading: false, trial });
        onTrial(trial);
      };
      try {
        await meter.read((more) => {
          samples = [...samples, ...more];
          if (!control.signal.aborted) setSqueeze({ samples, reading: true, trial: null });
        }, control.signal);
        ended(readTrial(samples));
      } catch {
        ended({ ok: false, reason: 'The meter was lost. Check that it is on and near, and try again.' });
      }
    },
    [onTrial],
  );
  return { squeeze, start };
}
