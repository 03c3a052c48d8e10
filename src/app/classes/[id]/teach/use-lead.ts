'use client';

import { useCallback, useEffect, useRef, useState, type RefObject } from 'react';
import type { LeadAnswer, LeadAsk, RemoteCommand } from '@/core/lead';
import { requestJson } from '@/ui/request-json';
import { screenName } from './screen-name';
import { rememberSeen } from './use-teaching';

const ASK_EVERY_MS = 2_000;
const WITH_A_REMOTE_MS = 300;

/** What this screen is: the one that teaches; else what it does while another teaches, chosen or not yet. */
export type Role = 'lead' | 'elsewhere' | 'remote' | 'follow';

export type LeadRole = {
  /** Null until it is known. */
  readonly role: Role | null;
  /** While another screen teaches: it has not been heard of for a while. */
  readonly away: boolean;
  readonly choose: (role: 'elsewhere' | 'remote' | 'follow') => void;
  readonly takeOver: () => Promise<void>;
  /** Carries out what a remote tells the screen that teaches. */
  readonly carryOut: RefObject<((command: RemoteCommand) => void) | null>;
};

/** Which screen teaches a class, asked again and again; where nobody answers, this one goes on. */
export function useLead(classId: string): LeadRole {
  const [role, setRole] = useState<Role | null>(null);
  const [away, setAway] = useState(false);
  const carryOut = useRef<((command: RemoteCommand) => void) | null>(null);
  const heard = useRef(0);

  const ask = useCallback(
    async (as: LeadAsk['as'], take = false) => {
      const body: LeadAsk = { screen: screenName(), as, take, heard: heard.current };
      const answer = await requestJson<LeadAnswer & { classMs: number }>(
        'POST',
        `/api/classes/${classId}/lead`,
        body,
      );
      if (!answer.ok) return null;
      for (const { n, command } of answer.value.told) {
        heard.current = Math.max(heard.current, n);
        carryOut.current?.(command);
      }
      return answer.value;
    },
    [classId],
  );

  useEffect(() => {
    let timer: ReturnType<typeof setTimeout> | undefined;
    let over = false;
    const askAgain = async () => {
      const answer = await ask(
        role === 'remote' ? 'remote' : role === null || role === 'lead' ? 'lead' : 'follow',
      );
      if (over) return;
      if (answer === null) setRole((r) => r ?? 'lead');
      else {
        setAway(answer.away);
        setRole((r) => (answer.leads ? 'lead' : r === null || r === 'lead' ? 'elsewhere' : r));
      }
      timer = setTimeout(() => void askAgain(), answer?.remote ? WITH_A_REMOTE_MS : ASK_EVERY_MS);
    };
    void askAgain();
    return () => {
      over = true;
      clearTimeout(timer);
    };
  }, [ask, role]);

  const takeOver = useCallback(async () => {
    const answer = await ask('lead', true);
    // The count goes on from where it is by now, paused.
    if (answer) rememberSeen(classId, answer.classMs);
  }, [ask, classId]);

  return { role, away, choose: setRole, takeOver, carryOut };
}
