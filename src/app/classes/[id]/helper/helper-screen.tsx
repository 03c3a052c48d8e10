'use client';

import { useRouter } from 'next/navigation';
import { useEffect, useRef, type ComponentProps } from 'react';
import { Trouble } from '@/ui/form/field';
import { Empty } from '@/ui/page/page';
import { useRoomFeed } from '@/ui/hooks/use-room-feed';
import { HelperMarks } from './helper-marks';

type Stage = 'before' | 'under way' | 'over';
type Props = Omit<ComponentProps<typeof HelperMarks>, 'now'> & { stage: Stage; startedAtMs: number };

/** What a helper marks, row by row as the class goes on by itself. */
export function HelperScreen({ stage, startedAtMs, rowNow, ...marks }: Props) {
  const followed = useRoomFeed(marks.classId);
  const state = followed?.feed.state;
  const stageNow = !state ? stage : state.phase === 'done' ? 'over' : 'under way';
  const row = state?.rowIndex ?? rowNow;
  // Also when a row is put in next, and when somebody is marked or asked: what is shown of them may be otherwise.
  useLoadedAnew(`${stageNow} ${row} ${followed?.seen}`);
  const now = () => {
    const { feed, startedAtMs: began } = followed ?? { feed: null, startedAtMs };
    return Math.max(0, (Date.now() - began) * (feed?.rate ?? 1));
  };
  if (stageNow !== 'under way' || marks.rows.length === 0)
    return (
      <Empty>
        <p>
          {stageNow === 'over'
            ? 'The class is over. Thank you.'
            : 'The rows show here once the class begins.'}
        </p>
      </Empty>
    );
  return (
    <>
      {followed?.lost && <Trouble message="Oskil cannot be reached. Mark again when it is back." />}
      <HelperMarks {...marks} rowNow={row} now={now} />
    </>
  );
}

/** What the server has besides, rows and marks of others, is fetched again each time this changes. */
function useLoadedAnew(when: string): void {
  const router = useRouter();
  const last = useRef(when);
  useEffect(() => {
    if (last.current === when) return;
    last.current = when;
    router.refresh();
  }, [when, router]);
}
