'use client';

import { useEffect, useMemo, useState } from 'react';
import { useRouter } from 'next/navigation';
import type { OwnRung } from '@/core/progress';
import { withWaiting, type Letter, type Reports } from '@/core/teach';
import type { ClassInfo } from '@/store/classes';
import type { Taught } from '@/store/teaching';
import { knownLetters, waitingLetters, type Waiting } from './outbox';
import { FollowScreen } from './follow-screen';
import { OtherScreen } from './other-screen';
import { TeachScreen } from './teach-screen';
import { useLead } from './use-lead';
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
  if (!kept) return <Opening />;
  return <KeptRoom {...props} {...kept} />;
}

const Opening = () => (
  <main id="main" className="px-7 py-4 text-lg">
    Opening the class
  </main>
);

/** What this browser has: letters that landed, which an older page does not know of, and letters that wait. */
type Kept = { readonly known: readonly Letter[]; readonly waiting: readonly Waiting[] };

function KeptRoom({ info, taught, firstReports, known, waiting, ...rest }: Props & Kept) {
  const router = useRouter();
  const outbox = useOutbox(info.id, waiting);
  const lead = useLead(info.id);
  useKeptClass();
  const now = useMemo(
    () => withWaiting(taught, firstReports, [...known, ...waiting.map((w) => w.letter)]),
    [taught, firstReports, known, waiting],
  );
  if (lead.role === null) return <Opening />;
  if (lead.role === 'elsewhere')
    return (
      <OtherScreen
        title={info.name}
        lead={lead}
        // What it stood like is read anew, so that nothing older than the other screen's is gone on from.
        onTakeOver={() => void lead.takeOver().then(() => location.reload())}
      />
    );
  const shared = {
    ...rest,
    info,
    taught: now.taught,
    firstReports: now,
    outbox,
    onDone: () => {
      forgetClass(info.id);
      router.push(`/classes/${info.id}/wrap-up`);
    },
    doneWords: 'That was the last row. Opening the wrap-up.',
  };
  return lead.role === 'lead' ? (
    <TeachScreen {...shared} commands={lead.carryOut} />
  ) : (
    <FollowScreen {...shared} lead={lead} role={lead.role} />
  );
}
