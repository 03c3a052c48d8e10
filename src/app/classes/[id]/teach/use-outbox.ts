'use client';

import { useCallback, useRef, useState } from 'react';
import { call } from '@/ui/call';

const RETRY_MS = 2_000;

/** Sends in order, one at a time; while the server is away each waits and is tried again. */
export function useOutbox(): { post: (url: string, body: unknown) => void; unsaved: number } {
  const [unsaved, setUnsaved] = useState(0);
  const queue = useRef<Promise<void>>(Promise.resolve());
  const post = useCallback((url: string, body: unknown) => {
    setUnsaved((n) => n + 1);
    queue.current = queue.current.then(async () => {
      while (!(await landed(url, body))) await new Promise((resolve) => setTimeout(resolve, RETRY_MS));
      setUnsaved((n) => n - 1);
    });
  }, []);
  return { post, unsaved };
}

/** Refused for good counts as landed: trying the same again would not help. */
async function landed(url: string, body: unknown): Promise<boolean> {
  const result = await call('POST', url, body);
  if (result.ok) return true;
  if (result.code === 'unreachable' || result.code === 'our-fault') return false;
  console.warn('Not stored:', result.code, result.message);
  return true;
}
