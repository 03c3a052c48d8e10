'use client';

import { useRouter } from 'next/navigation';
import { useEffect, useState, useTransition, type ReactNode } from 'react';
import { waitingLetters, type Waiting } from '../teach/outbox';
import { useOutbox } from '../teach/use-outbox';

/**
 * What was kept in this browser while teaching and has not landed yet is sent from here first: what is written up begins with all of
 * it.
 */
export function LateLetters({ classId, children }: { classId: string; children: ReactNode }) {
  const [waiting, setWaiting] = useState<readonly Waiting[]>([]);
  useEffect(() => {
    void waitingLetters(classId).then(setWaiting);
  }, [classId]);
  if (waiting.length === 0) return children;
  return (
    <Sending classId={classId} waiting={waiting}>
      {children}
    </Sending>
  );
}

function Sending({
  classId,
  waiting,
  children,
}: {
  classId: string;
  waiting: readonly Waiting[];
  children: ReactNode;
}) {
  const router = useRouter();
  const { unsaved, aside } = useOutbox(classId, waiting);
  const [asked, setAsked] = useState(false);
  const [isLoading, load] = useTransition();
  useEffect(() => {
    if (unsaved > 0 || asked) return;
    setAsked(true);
    load(() => router.refresh());
  }, [unsaved, asked, router]);
  const isHere = unsaved === 0 && asked && !isLoading;
  return (
    <>
      <p role="status" className="max-w-3xl">
        {!isHere && 'Something that was kept while teaching is still on its way here.'}
        {aside.length > 0 &&
          `Oskil would not take something that was kept: ${aside.map((a) => a.why).join(' ')}`}
      </p>
      {isHere && children}
    </>
  );
}
