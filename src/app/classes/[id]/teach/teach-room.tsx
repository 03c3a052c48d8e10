'use client';

import { useRouter } from 'next/navigation';
import { useEffect, useMemo, useState } from 'react';
import { CATALOGUE } from '@/catalogue/movements';
import { rowsOfSnapshot } from '@/core/teach/snapshot';
import { beatsOf } from '@/core/teach/transport';
import type { Mark } from '@/core/teach/marks';
import type { ClassInfo } from '@/store/classes';
import type { Taught } from '@/store/teaching';
import type { OwnMovement } from '@/core/catalogue/own';
import { CatalogueProvider } from '@/ui/catalogue';
import { CordRunner } from './cord-runner';
import { CountFace } from './count-face';
import { HandPair, type MirrorChoice } from './hand-pair';
import { HelpDialog } from './help-dialog';
import { MarksDialog } from './marks-dialog';
import { SideNotes } from './side-notes';
import { TeachKeys } from './teach-keys';
import { TeachTop } from './teach-top';
import { useCountSound } from './use-count-sound';
import { useTeachKeys, type TeachAction } from './use-teach-keys';
import { useTeaching } from './use-teaching';
import { useRedraw } from './use-redraw';

type Props = {
  info: ClassInfo;
  taught: Taught;
  firstMarks: readonly Mark[];
  rate: number;
  venueSafety: string;
};

/** A class being taught: the whole screen, large, everything by one key or one tap. */
export function TeachRoom(props: Props) {
  return (
    <CatalogueProvider own={props.taught.snapshot.own ?? NONE}>
      <Room {...props} />
    </CatalogueProvider>
  );
}

const NONE: readonly OwnMovement[] = [];

function Room({ info, taught, firstMarks, rate, venueSafety }: Props) {
  const { snapshot } = taught;
  const rows = useMemo(() => rowsOfSnapshot(snapshot, CATALOGUE), [snapshot]);
  const teaching = useTeaching(info.id, rows, taught, firstMarks, rate);
  const { state, now, act } = teaching;
  const beats = useMemo(() => beatsOf(rows, state), [rows, state]);
  const sound = useCountSound(state, beats, now, rate);
  const [mirror, setMirror] = useState<MirrorChoice>('as in a mirror');
  const [panel, setPanel] = useState<'marks' | 'help' | null>(null);
  useWrapUpWhenDone(info.id, state.phase === 'done' && teaching.unsaved === 0);
  useRedraw(state.phase !== 'done');

  const carryOut = (action: TeachAction) => {
    sound.wake();
    if (action === 'marks') setPanel('marks');
    else if (action === 'help') {
      act('pause');
      setPanel('help');
    } else act(action);
  };
  useTeachKeys(carryOut, panel === null);

  const row = rows[state.rowIndex];
  return (
    <main id="main" className="flex min-h-screen flex-col gap-3 px-7 py-4 lg:h-screen lg:min-h-[44rem]">
      <TeachTop
        rows={rows}
        state={state}
        nowMs={now()}
        startedAtMs={taught.startedAtMs}
        slotMs={snapshot.slotMs}
        rate={rate}
        unsaved={teaching.unsaved}
      />
      {row ? (
        <>
          <div className="grid min-h-0 flex-1 grid-cols-1 gap-8 lg:grid-cols-[1fr_25rem]">
            <CountFace
              row={row}
              state={state}
              beats={beats}
              nowMs={now()}
              onGo={() => carryOut('goOrPause')}
              figure={<HandPair row={row} beats={beats} state={state} now={now} mirror={mirror} />}
            />
            <SideNotes rows={rows} index={state.rowIndex} snapshot={snapshot} day={info.day} />
          </div>
          {row.kind === 'movement' && <CordRunner row={row} beats={beats} state={state} now={now} />}
        </>
      ) : (
        <p className="flex-1 text-2xl">That was the last row. Opening the wrap-up.</p>
      )}
      <TeachKeys state={state} onAction={carryOut} sound={sound} mirror={mirror} onMirror={setMirror} />
      <MarksDialog
        open={panel === 'marks'}
        onClose={() => setPanel(null)}
        people={snapshot.people}
        row={row}
        marks={teaching.marks}
        onMark={teaching.mark}
      />
      <HelpDialog
        open={panel === 'help'}
        onClose={() => setPanel(null)}
        classId={info.id}
        people={snapshot.people}
        venueSafety={venueSafety}
      />
    </main>
  );
}

/** The wrap-up opens by itself once the end is stored. */
function useWrapUpWhenDone(classId: string, done: boolean) {
  const router = useRouter();
  useEffect(() => {
    if (done) router.push(`/classes/${classId}/wrap-up`);
  }, [done, classId, router]);
}
