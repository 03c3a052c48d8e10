'use client';

import { useEffect, useMemo, useState } from 'react';
import { useRouter } from 'next/navigation';
import type { OwnRung } from '@/core/progress';
import { withWaiting, type Letter, type Reports } from '@/core/teach';
import type { ClassInfo } from '@/store/classes';
import type { Taught } from '@/store/teaching';
import { knownLetters, waitingLetters, type Waiting } from './outbox';
import { TeachScreen } from './teach-screen';
import { forgetClass, useKeptClass } from './use-kept-class';
import { useOutbox } from './use-outbox';

type Props = {
  info: ClassInfo;
  taught: Taught;
  firstReports: Reports;
  rate: number;
  venueSafety: string;
  ownRungs: readonly OwnRung[];
};

/** A class being taught, from where the server and this browser together last knew it. */
export function TeachRoom(props: Props) {
  const [kept, setKept] = useState<Kept | null>(null);
  useEffect(() => {
    const { id } = props.info;
    void Promise.all([knownLetters(id), waitingLetters(id)]).then(([known, waiting]) =>
      setKept({ known, waiting }),
    );
  }, [props.info]);
  if (!kept)
    return (
      <main id="main" className="px-7 py-4 text-lg">
        Opening the class
      </main>
    );
  return <KeptRoom {...props} {...kept} />;
}

/** What this browser has: letters that landed, which an older page does not know of, and letters that wait. */
type Kept = { readonly known: readonly Letter[]; readonly waiting: readonly Waiting[] };

function KeptRoom({ info, taught, firstReports, known, waiting, ...rest }: Props & Kept) {
  const router = useRouter();
  const outbox = useOutbox(info.id, waiting);
  useKeptClass();
  const now = useMemo(
    () => withWaiting(taught, firstReports, [...known, ...waiting.map((w) => w.letter)]),
    [taught, firstReports, known, waiting],
  );
  return (
    <TeachScreen
      {...rest}
      info={info}
      taught={now.taught}
      firstReports={now}
      outbox={outbox}
      onDone={() => {
        forgetClass(info.id);
        router.push(`/classes/${info.id}/wrap-up`);
      }}
      doneWords="That was the last row. Opening the wrap-up."
    />
  );
}
