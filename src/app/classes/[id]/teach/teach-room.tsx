'use client';

import { useEffect, useMemo, useState } from 'react';
import { useRouter } from 'next/navigation';
import type { OwnRung } from '@/core/progress/own-rung';
import type { Mark } from '@/core/teach/marks';
import { withWaiting } from '@/core/teach/waiting';
import type { ClassInfo } from '@/store/classes';
import type { Taught } from '@/store/teaching';
import { waitingLetters, type Waiting } from './outbox';
import { TeachScreen } from './teach-screen';
import { useOutbox } from './use-outbox';

type Props = {
  info: ClassInfo;
  taught: Taught;
  firstMarks: readonly Mark[];
  rate: number;
  venueSafety: string;
  ownRungs: readonly OwnRung[];
};

/** A class being taught, from where the server and this browser together last knew it. */
export function TeachRoom(props: Props) {
  const [waiting, setWaiting] = useState<readonly Waiting[] | null>(null);
  useEffect(() => {
    void waitingLetters(props.info.id).then(setWaiting);
  }, [props.info.id]);
  if (!waiting)
    return (
      <main id="main" className="px-7 py-4 text-lg">
        Opening the class
      </main>
    );
  return <KeptRoom {...props} waiting={waiting} />;
}

function KeptRoom({ info, taught, firstMarks, waiting, ...rest }: Props & { waiting: readonly Waiting[] }) {
  const router = useRouter();
  const outbox = useOutbox(waiting);
  const known = useMemo(
    () =>
      withWaiting(
        taught,
        firstMarks,
        waiting.map((w) => w.letter),
      ),
    [taught, firstMarks, waiting],
  );
  return (
    <TeachScreen
      {...rest}
      info={info}
      taught={known.taught}
      firstMarks={known.marks}
      outbox={outbox}
      onDone={() => router.push(`/classes/${info.id}/wrap-up`)}
      doneWords="That was the last row. Opening the wrap-up."
    />
  );
}
