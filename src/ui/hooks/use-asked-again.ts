'use client';

import { useEffect } from 'react';
import type { Failure, Result } from '@/core/result';
import { requestJson } from '../request-json';

/** Longer than any answer takes, so that a question that is lost on the way is asked again. */
const GIVE_UP_AFTER_MS = 15_000;

type Told = { readonly seen: string };

/**
 * Asks the server again and again, each time after its answer, for what has changed since it was last `seen`; without a path it asks
 * nothing. `hear` has to stay the same function.
 */
export function useAskedAgain<T extends Told>(
  path: string | null,
  everyMs: number,
  hear: (told: Result<T>) => void,
): void {
  useEffect(() => {
    if (path === null) return;
    let seen = '';
    let timer: ReturnType<typeof setTimeout> | undefined;
    let over = false;
    const ask = async () => {
      const told = await requestJson<T>(
        'GET',
        `${path}?seen=${encodeURIComponent(seen)}`,
        undefined,
        GIVE_UP_AFTER_MS,
      );
      if (over) return;
      if (told.ok) seen = told.value.seen;
      else if (isGone(told)) seen = '';
      hear(told);
      timer = setTimeout(() => void ask(), everyMs);
    };
    void ask();
    return () => {
      over = true;
      clearTimeout(timer);
    };
  }, [path, everyMs, hear]);
}

const isGone = ({ code }: Failure): boolean => code === 'not-found';
