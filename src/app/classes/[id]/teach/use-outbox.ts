'use client';

import { useCallback, useEffect, useRef, useState } from 'react';
import { requestJson } from '@/ui/request-json';
import { mayHelp, type Letter } from '@/core/teach';
import {
  allSetAside,
  dropAside,
  dropLetter,
  keepKnown,
  keepLetter,
  setAside,
  type SetAside,
  type Waiting,
} from './outbox';

const RETRY_MS = 2_000;

export type Outbox = {
  readonly post: (letter: Letter) => void;
  readonly unsaved: number;
  /** What Oskil refused for good; the letters behind it went on. */
  readonly aside: readonly SetAside[];
  readonly dismiss: () => void;
};

/**
 * Sends in order, one at a time. Each letter is kept in the browser until it has landed, so that a page that is closed while
 * the server is away sends it when it is next opened. One that is refused for good is set aside and told, and holds up none behind it.
 */
export function useOutbox(classId: string, waiting: readonly Waiting[]): Outbox {
  const [unsaved, setUnsaved] = useState(waiting.length);
  const [aside, setAsides] = useState<readonly SetAside[]>([]);
  const queue = useRef<Promise<void>>(Promise.resolve());
  const send = useCallback((letter: Letter, kept: Promise<number | null>) => {
    queue.current = queue.current.then(async () => {
      const key = await kept;
      const answer = await untilAnswered(letter);
      if (answer === 'landed') await keepKnown(letter);
      else {
        const one = { letter, why: answer.why };
        await setAside(one);
        setAsides((all) => [...all, one]);
      }
      await dropLetter(key);
      setUnsaved((n) => n - 1);
    });
  }, []);
  const begun = useRef(false);
  useEffect(() => {
    if (begun.current) return;
    begun.current = true;
    void allSetAside(classId).then((all) => setAsides((now) => [...all, ...now]));
    waiting.forEach(({ key, letter }) => send(letter, Promise.resolve(key)));
  }, [classId, waiting, send]);
  const post = useCallback(
    (letter: Letter) => {
      setUnsaved((n) => n + 1);
      send(letter, keepLetter(letter));
    },
    [send],
  );
  const dismiss = useCallback(() => {
    setAsides([]);
    void dropAside(classId);
  }, [classId]);
  return { post, unsaved, aside, dismiss };
}

type Refused = { readonly why: string };

/** Sent again and again, for as long as that may help. */
async function untilAnswered(letter: Letter): Promise<'landed' | Refused> {
  for (let faults = 0; ;) {
    const { kind, classId, body } = letter;
    const result = await requestJson('POST', `/api/classes/${classId}/${kind}`, body);
    if (result.ok) return 'landed';
    if (result.code === 'our-fault') faults += 1;
    if (!mayHelp(result.code, faults)) return { why: result.message };
    await new Promise((resolve) => setTimeout(resolve, RETRY_MS));
  }
}
