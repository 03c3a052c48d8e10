'use client';

import { useMemo } from 'react';
import { factsOfTaught } from '@/catalogue/class-facts';
import type { OwnMovement } from '@/core/catalogue';
import type { OwnRung } from '@/core/progress';
import { peopleNow, beatsOf, NO_VOICE, taughtPlan, timeInHand, type Mark } from '@/core/teach';
import type { ClassInfo } from '@/store/classes';
import type { Taught } from '@/store/teaching';
import { CatalogueProvider } from '@/ui/catalogue';
import { CordRunner } from './cord-runner';
import { CountFace } from './count-face';
import { HandPair } from './hand-pair';
import { SideNotes } from './side-notes';
import { TeachKeys } from './teach-keys';
import { TeachPanels } from './teach-panels';
import { TeachTop } from './teach-top';
import { TimeProposals } from './time-proposals';
import { useActions } from './use-actions';
import { useAwake } from '@/ui/hooks/use-awake';
import { useCountSound } from './use-count-sound';
import type { Outbox } from './use-outbox';
import { useProposals } from './use-proposals';
import { useRedraw } from './use-redraw';
import { useRoomChannel } from './use-room-channel';
import { useRoomView } from './use-room-view';
import { useRowsOf } from './use-rows-of';
import { useTeachKeys } from './use-teach-keys';
import { useTeaching } from './use-teaching';
import { useCountSettings, type CountSettings } from '@/ui/hooks/use-count-settings';
import { useWhenDone } from './use-when-done';

type Props = {
  info: ClassInfo;
  taught: Taught;
  firstMarks: readonly Mark[];
  rate: number;
  venueSafety: string;
  /** Rungs that people stand on by themselves. */
  ownRungs: readonly OwnRung[];
  /** Null in a rehearsal, which stores nothing. */
  outbox: Outbox | null;
  firstSettings?: Partial<CountSettings>;
  onDone: () => void;
  doneWords: string;
};

/** A class being taught: the whole screen, large, everything by one key or one tap. */
export function TeachScreen(props: Props) {
  return (
    <CatalogueProvider own={props.taught.snapshot.own ?? NONE}>
      <Screen {...props} />
    </CatalogueProvider>
  );
}

const NONE: readonly OwnMovement[] = [];

function Screen({
  info,
  taught,
  firstMarks,
  rate,
  venueSafety,
  ownRungs,
  outbox,
  firstSettings,
  onDone,
  doneWords,
}: Props) {
  const { snapshot, startedAtMs } = taught;
  const rowsOf = useRowsOf(snapshot);
  const teaching = useTeaching(info.id, rowsOf, taught, firstMarks, rate, outbox?.post ?? null);
  const { rows, state, now } = teaching;
  const row = rows[state.rowIndex];
  const unsaved = outbox?.unsaved ?? 0;
  const [settings, setSettings] = useCountSettings(firstSettings);
  const beats = useMemo(() => beatsOf(rows, state), [rows, state]);
  const sound = useCountSound(state, beats, row?.voice ?? NO_VOICE, now, rate, settings);
  const plan = useMemo(() => taughtPlan(snapshot.plan, state.changes), [snapshot, state.changes]);
  const { marks } = teaching;
  const facts = useMemo(() => {
    const people = peopleNow(snapshot.people, marks, rows, state.rowIndex).map((p) => p.person);
    return factsOfTaught({ ...snapshot, people }, info);
  }, [snapshot, info, marks, rows, state.rowIndex]);
  const inHand = timeInHand(rows, state, now(), snapshot.slotMs);
  const proposed = useProposals(plan, facts, state.rowIndex, inHand);
  const actions = useActions({ teaching, plan, facts, proposed, wake: sound.wake });
  useTeachKeys(actions.carryOut, actions.panel === null);
  useRoomChannel(useRoomView({ classId: info.id, startedAtMs, rate }, teaching, settings), now);
  useWhenDone(state.phase === 'done' && unsaved === 0, onDone);
  useRedraw(state.phase !== 'done');
  useAwake(state.phase !== 'done');

  return (
    <main id="main" className="flex min-h-screen flex-col gap-3 px-7 py-3 lg:h-screen lg:min-h-[46rem]">
      <TeachTop
        rows={rows}
        state={state}
        nowMs={now()}
        startedAtMs={startedAtMs}
        slotMs={snapshot.slotMs}
        rate={rate}
        unsaved={unsaved}
        aside={outbox?.aside ?? []}
        onSeen={() => outbox?.dismiss()}
        rehearsal={outbox === null}
      />
      <TimeProposals proposals={proposed} onTake={actions.change} />
      {row ? (
        <>
          <div className="grid min-h-0 flex-1 grid-cols-1 gap-8 lg:grid-cols-[1fr_25rem]">
            <CountFace
              row={row}
              state={state}
              beats={beats}
              nowMs={now()}
              settings={settings}
              onGo={() => actions.carryOut('goOrPause')}
              figure={<HandPair row={row} beats={beats} state={state} now={now} mirror={settings.mirror} />}
            />
            <SideNotes
              rows={rows}
              index={state.rowIndex}
              snapshot={snapshot}
              marks={teaching.marks}
              day={info.day}
              rungShifts={state.rungShifts}
              ownRungs={ownRungs}
            />
          </div>
          {row.kind === 'movement' && <CordRunner row={row} beats={beats} state={state} now={now} />}
        </>
      ) : (
        <p className="flex-1 text-2xl">{doneWords}</p>
      )}
      <TeachKeys state={state} onAction={actions.carryOut} />
      <TeachPanels
        panel={actions.panel}
        onClose={actions.closePanel}
        teaching={teaching}
        plan={plan}
        facts={facts}
        movementRow={actions.movementRow}
        onChange={actions.change}
        settings={settings}
        onSettings={setSettings}
        classId={outbox ? info.id : null}
        venueSafety={venueSafety}
      />
    </main>
  );
}
