'use client';

import { useCallback, useEffect, useRef, useState } from 'react';
import { call } from '@/ui/call';
import type { Letter } from '@/core/teach/waiting';
import { dropLetter, keepKnown, keepLetter, type Waiting } from './outbox';

const RETRY_MS = 2_000;

export type Outbox = { readonly post: (letter: Letter) => void; readonly unsaved: number };

/**
 * Sends in order, one at a time. Each letter is kept in the browser until it has landed, so that a page that is closed while
 * the server is away sends it when it is next opened.
 */
export function useOutbox(waiting: readonly Waiting[]): Outbox {
  const [unsaved, setUnsaved] = useState(waiting.length);
  const queue = useRef<Promise<void>>(Promise.resolve());
  const send = useCallback((letter: Letter, kept: Promise<number | null>) => {
    queue.current = queue.current.then(async () => {
      const key = await kept;
      let answer = await sent(letter);
      for (; answer === 'later'; answer = await sent(letter))
        await new Promise((resolve) => setTimeout(resolve, RETRY_MS));
      if (answer === 'landed') await keepKnown(letter);
      await dropLetter(key);
      setUnsaved((n) => n - 1);
    });
  }, []);
  const begun = useRef(false);
  useEffect(() => {
    if (begun.current) return;
    begun.current = true;
    waiting.forEach(({ key, letter }) => send(letter, Promise.resolve(key)));
  }, [waiting, send]);
  const post = useCallback(
    (letter: Letter) => {
      setUnsaved((n) => n + 1);
      send(letter, keepLetter(letter));
    },
    [send],
  );
  return { post, unsaved };
}

/** What may be otherwise in a moment: the server is back, or Oskil is opened again in another tab. */
const PASSES: ReadonlySet<string> = new Set(['unreachable', 'our-fault', 'locked']);

/** What is refused for good is not tried again: the same would not help. */
async function sent({ kind, classId, body }: Letter): Promise<'landed' | 'later' | 'refused'> {
  const result = await call('POST', `/api/classes/${classId}/${kind}`, body);
  if (result.ok) return 'landed';
  if (PASSES.has(result.code)) return 'later';
  console.warn('Not stored:', result.code, result.message);
  return 'refused';
}
