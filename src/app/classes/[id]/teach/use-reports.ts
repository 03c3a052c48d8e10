'use client';

import { useCallback, useState } from 'react';
import type { CheckIn } from '@/core/screening';
import { withReports, type ClassAnswer, type Reports, type SentMark } from '@/core/teach';
import { newId } from '@/ui/new-id';
import type { Outbox } from './use-outbox';
import { useReportsOfOthers } from './use-reports-of-others';

/** What is marked and said in a class, on this screen and on others; a rehearsal, with nothing to post to, keeps it here. */
export function useReports(classId: string, first: Reports, now: () => number, post: Outbox['post'] | null) {
  const [reports, setReports] = useState(first);
  const hear = useCallback((told: Reports) => setReports((known) => withReports(known, told)), []);
  useReportsOfOthers(post ? classId : null, hear);
  const mark = useCallback(
    (sent: Pick<SentMark, 'rowId' | 'personId' | 'mark' | 'hand'>) => {
      const made: SentMark = { ...sent, id: newId(), atMs: Math.round(now()) };
      hear({ marks: [made], answers: [] });
      post?.({ kind: 'marks', classId, body: made });
    },
    [classId, now, post, hear],
  );
  const answer = useCallback(
    (personId: string, checkIn: CheckIn) => {
      const said: ClassAnswer = { id: newId(), personId, checkIn, atMs: Math.round(now()) };
      hear({ marks: [], answers: [said] });
      post?.({ kind: 'answers', classId, body: said });
    },
    [classId, now, post, hear],
  );
  return { reports, mark, answer };
}
